// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Draft } from '../plan/draft';
import { ChoiceList } from '../plan/editors/ChoiceList';
import { PeekProvider, useLook, usePeek } from '../plan/PeekContext';

afterEach(cleanup);
const choices = [
  { id: 'a', name: 'Fell', note: 'hot' },
  { id: 'b', name: 'Tern', note: 'cold' },
];

function Looking({ onChoose }: { onChoose: (id: string) => void }) {
  const look = useLook();
  return (
    <ChoiceList
      legend="Pads"
      choices={choices}
      chosen="a"
      onChoose={onChoose}
      onPeek={(id) => look(id ? (old) => ({ ...old, frontPad: id }) : null)}
    />
  );
}

function Seen() {
  const { peek } = usePeek();
  return <output>{peek ? JSON.stringify(peek.edit({ pace: 'novice' } as Draft)) : 'nothing'}</output>;
}

const page = (onChoose: (id: string) => void, open = true) => (
  <PeekProvider>
    {open && <Looking onChoose={onChoose} />}
    <Seen />
  </PeekProvider>
);
const seen = () => screen.getByRole('status').textContent;

describe('a list to choose from', () => {
  it('is looked at by pointer and by focus, on the plan as it then stands, and chosen only when chosen', () => {
    const choose = vi.fn();
    const { rerender } = render(page(choose));
    expect(seen()).toBe('nothing');
    fireEvent.pointerEnter(screen.getByText('Tern').closest('label')!);
    expect(seen()).toBe('{"pace":"novice","frontPad":"b"}');
    fireEvent.pointerLeave(screen.getByRole('group', { name: 'Pads' }));
    expect(seen()).toBe('nothing');
    fireEvent.focus(screen.getByRole('radio', { name: /Fell/ }));
    expect(seen()).toContain('"frontPad":"a"');
    expect(choose).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('radio', { name: /Tern/ }));
    expect(choose).toHaveBeenCalledExactlyOnceWith('b');

    // A list that is closed is looked at no longer.
    rerender(page(choose, false));
    expect(seen()).toBe('nothing');
  });
});
