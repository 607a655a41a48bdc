import { useEffect, useState } from 'react';

/** Photos chosen and not yet saved, by the entry that they belong to: a browser gives a file to this page only as long as it is open. */
const waiting = new Map<string, File[]>();

/** Photos of an entry being written: they outlive another room, and leaving the page asks first. */
export function usePhotos(entry: string) {
  const [photos, setPhotos] = useState(() => waiting.get(entry) ?? []);
  const set = (files: File[]) => {
    if (files.length > 0) waiting.set(entry, files);
    else waiting.delete(entry);
    setPhotos(files);
  };
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (waiting.size > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, []);
  return [photos, set] as const;
}
