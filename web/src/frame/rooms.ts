/** The rooms in the order of the work, with what each is for. */
export const rooms = [
  { path: 'bench', name: 'Bench', promise: '' },
  { path: 'choose', name: 'Choose', promise: '' },
  {
    path: 'ready',
    name: 'Ready',
    promise: 'Ready will turn a change of parts into an order list, a fitting and bleeding sequence, and a bedding plan for this car.',
  },
  {
    path: 'log',
    name: 'Log',
    promise: 'Log will keep sessions, paints, wear and cracks, and narrow the prediction with what the car teaches.',
  },
  { path: 'shelf', name: 'Shelf', promise: '' },
] as const;
