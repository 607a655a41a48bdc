import { Link } from 'react-router';
import type { LinkFault } from '../plan/address';

const words: Record<LinkFault, string> = {
  damaged: 'This link is damaged or was cut on its way: the plan in it cannot be read. Ask for it again, or copy it whole.',
  newer: 'This link was made by a newer Rimrock: open it there, or ask for the plan in words.',
};

/** A link that holds no plan that can be read: said so, and nothing else drawn in its place. */
export function BadLink({ fault }: { fault: LinkFault }) {
  return (
    <section className="empty" role="alert" aria-label="A link that cannot be read">
      <h2>Not a plan that can be read</h2>
      <p>{words[fault]}</p>
      <p>
        <Link className="btn btn-dark" to="/bench">
          Open the Bench without it
        </Link>
      </p>
    </section>
  );
}
