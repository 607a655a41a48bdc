// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Announcer } from '../frame/Announcer';
import { Rename } from '../rooms/shelf/Rename';
import { SureButton } from '../shared/SureButton';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('what cannot be taken back', () => {
  it('is asked once, in its place, and can be left', () => {
    const sure = vi.fn();
    render(<SureButton label="Delete" question="Delete the day?" onSure={sure} />);
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    expect(sure).not.toHaveBeenCalled();
    const asked = () => screen.getByRole('alertdialog', { name: 'Delete the day?' });
    const leave = within(asked()).getByRole('button', { name: 'Leave it' });
    expect(document.activeElement).toBe(leave);
    fireEvent.click(leave);
    expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Delete' }));
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    fireEvent.keyDown(document.activeElement!, { key: 'Escape' });
    expect(screen.queryByRole('alertdialog')).toBeNull();
    expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Delete' }));
    expect(sure).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    fireEvent.click(within(asked()).getByRole('button', { name: 'Delete' }));
    expect(sure).toHaveBeenCalledTimes(1);
    expect(screen.queryByRole('alertdialog')).toBeNull();
  });

  it('is not called done where it failed', async () => {
    const sure = vi.fn(() => Promise.reject(new Error('gone')));
    render(
      <section aria-label="Days">
        <Announcer />
        <SureButton label="Delete" question="Delete the day?" onSure={sure} />
      </section>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    await waitFor(() => expect(sure).toHaveBeenCalled());
    await Promise.resolve();
    expect(screen.getByRole('status').textContent).toBe('');
  });

  it('is announced, and the reader goes on in the section that it stood in', async () => {
    const List = () => {
      const [there, setThere] = useState(true);
      return (
        <section aria-label="Days">
          <Announcer />
          {there && <SureButton label="Delete" ariaLabel="Delete 2026-05-01" question="Delete the day?" onSure={() => setThere(false)} />}
        </section>
      );
    };
    render(<List />);
    fireEvent.click(screen.getByRole('button', { name: 'Delete 2026-05-01' }));
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Delete 2026-05-01: done.'));
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('region', { name: 'Days' })));
  });
});

describe('a name', () => {
  it('is changed in its place, trimmed, and kept where nothing or Escape is typed', () => {
    const rename = vi.fn();
    render(<Rename name="Gullmouth" onRename={rename} />);
    const edit = (text: string) => {
      fireEvent.click(screen.getByRole('button', { name: 'Rename' }));
      fireEvent.change(screen.getByRole('textbox'), { target: { value: text } });
    };
    edit('  Oxhollow ');
    fireEvent.submit(screen.getByRole('textbox'));
    expect(rename).toHaveBeenCalledExactlyOnceWith('Oxhollow');
    edit('   ');
    fireEvent.submit(screen.getByRole('textbox'));
    edit('other');
    fireEvent.keyDown(screen.getByRole('textbox'), { key: 'Escape' });
    expect(screen.queryByRole('textbox')).toBeNull();
    expect(rename).toHaveBeenCalledTimes(1);
  });
});
