import { base } from '../api/base';
import { Component, type ReactNode } from 'react';

/** Keeps what breaks in one room from taking the page away: says so, and offers a reload and the data. */
export class RoomBoundary extends Component<{ children: ReactNode }, { broken: Error | null }> {
  override state: { broken: Error | null } = { broken: null };

  static getDerivedStateFromError(broken: Error) {
    return { broken };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    return (
      <section className="empty" role="alert" aria-label="This room broke">
        <h2>This room broke</h2>
        <p>
          Rimrock made a mistake in drawing it. What you have stored is untouched; other rooms still work. It said: “
          {this.state.broken.message.slice(0, 160)}”
        </p>
        <p>
          <button type="button" className="btn btn-dark" onClick={() => window.location.reload()}>
            Draw it again
          </button>{' '}
          <a className="btn btn-outline-dark" href={`${base}/api/archive`} download="rimrock-archive.zip">
            Save everything
          </a>
        </p>
      </section>
    );
  }
}
