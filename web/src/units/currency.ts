const key = 'rimrock.currency';

/** A code of three letters (ISO 4217), or nothing. */
export const isCurrency = (text: string) => text === '' || /^[A-Z]{3}$/.test(text);

/** The currency in which prices were typed; nothing where nobody said. Nothing is ever converted. */
export const currency = (): string => {
  try {
    const kept = localStorage.getItem(key) ?? '';
    return isCurrency(kept) ? kept : '';
  } catch {
    return '';
  }
};

export function keepCurrency(code: string) {
  try {
    if (code) localStorage.setItem(key, code);
    else localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing shows bare figures.
  }
}

/** A sum as it is shown. */
export const priced = (sum: number): string => (currency() ? `${sum.toFixed(0)} ${currency()}` : sum.toFixed(0));
