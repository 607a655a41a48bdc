/** Ids of new parts: from the name, and told apart by the time. */
export const newId = (name: string) =>
  `${name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)}-${Date.now().toString(36)}`;
