/** A number of things, one of them without its s. */
export const counted = (count: number, things: string) => `${count} ${count === 1 ? things.replace(/s$/, '') : things}`;
