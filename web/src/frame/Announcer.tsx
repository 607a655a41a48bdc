import { useEffect, useState } from 'react';
import { listen } from '../shared/announce';

/** Says what was done to those who do not see it go. */
export function Announcer() {
  const [said, setSaid] = useState('');
  useEffect(() => listen(setSaid), []);
  return (
    <div role="status" className="visually-hidden">
      {said}
    </div>
  );
}
