import { Link } from 'react-router';
import { isEstate } from '../api/base';

/** Where there is no car: the way to one's own, or to ours, which is never mixed with it. */
export function NoCarYet({ title = 'No car yet.', children }: { title?: string; children?: React.ReactNode }) {
  return (
    <section className="empty">
      <h2>{title}</h2>
      {children}
      <p>
        <Link className="btn btn-dark" to="/new">
          Start with your car
        </Link>{' '}
        {!isEstate && (
          <a className="btn btn-link" href="/estate/">
            Try it with our estate
          </a>
        )}
      </p>
    </section>
  );
}
