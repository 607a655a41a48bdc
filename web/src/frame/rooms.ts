/** The rooms in the order of the work. */
export const rooms = [
  { path: 'bench', name: 'Bench' },
  { path: 'choose', name: 'Choose' },
  { path: 'ready', name: 'Ready' },
  { path: 'log', name: 'Log' },
  { path: 'shelf', name: 'Shelf' },
] as const;
