/** Where the estate to try Rimrock with lives: its page and its answers. */
const estate = '/estate';

/** What all addresses of this page begin with: nothing, or the estate's. */
export const base = window.location.pathname === estate || window.location.pathname.startsWith(`${estate}/`) ? estate : '';

export const isEstate = base === estate;
