/** What was done, said to those who do not see it go. */
type Listener = (text: string) => void;
let listener: Listener | null = null;

export const announce = (text: string) => listener?.(text);

/** The one place where it is said. */
export function listen(to: Listener): () => void {
  listener = to;
  return () => {
    if (listener === to) listener = null;
  };
}
