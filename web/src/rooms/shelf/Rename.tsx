import { useState } from 'react';

/** A name that can be changed in its place. */
export function Rename({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  if (text === null)
    return (
      <button type="button" className="btn btn-link" onClick={() => setText(name)}>
        Rename
      </button>
    );
  return (
    <form
      className="rename"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) onRename(text.trim());
        setText(null);
      }}
    >
      <input
        className="form-control"
        aria-label={`New name of ${name}`}
        value={text}
        maxLength={120}
        autoFocus
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && setText(null)}
      />
      <button type="submit" className="btn btn-outline-dark">
        Rename
      </button>
    </form>
  );
}
