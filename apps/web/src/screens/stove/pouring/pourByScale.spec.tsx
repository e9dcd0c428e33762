import { beforeEach, describe, expect, it, jest } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { network } from '../../../testing/household.js';
import { useReaders } from '../../../stores/kitchen/readings.js';
import { PourByScale } from './PourByScale.js';
import { Ring } from '../Ring.js';

/** Instruments that say what the test has them say. */
const said: ((value: number, steady?: boolean) => void)[] = [];
class Line {
  onmessage: ((event: { readonly data: string }) => void) | null = null;
  isClosed = false;
  constructor(readonly url: string) {
    said.push((value, steady = true) => {
      act(() => {
        if (!this.isClosed) this.onmessage?.({ data: JSON.stringify({ value, steady }) });
      });
    });
  }
  close(): void {
    this.isClosed = true;
  }
}
Object.assign(globalThis, { EventSource: Line });

beforeEach(() => {
  cleanup();
  said.length = 0;
  network(() => ({ status: 204, body: undefined }));
  useReaders.setState({
    scale: { n: 0, kind: 'scale', name: 'Worktop' },
    hob: { n: 2, kind: 'hob', name: 'Ring' },
  });
});
const text = (): string => document.body.textContent;

describe('what is poured on a scale', () => {
  const poured = jest.fn<(ml: number) => void>();
  beforeEach(() => {
    poured.mockClear();
    render(
      <PourByScale
        wantedMl={800}
        gPerMl={1.25}
        show={(ml) => `${Math.round(ml).toString()} ml`}
        onPoured={poured}
      />,
    );
    fireEvent.click(screen.getByText('weigh it as you pour'));
  });

  it('is counted from where the pot stood still, by the weight of what is poured, and taken when it stands again', () => {
    for (const g of [2100, 2400, 2400]) said[0]!(g);
    expect(text()).toContain('wait until it stands still');
    said[0]!(2401);
    expect(text()).toContain('Poured 0 ml of 800');
    // 1.25 g a ml: 500 g are 400 ml.
    said[0]!(2901, false);
    expect(text()).toContain('Poured 400 ml of 800');
    expect(screen.getByText<HTMLButtonElement>('That is poured').disabled).toBe(true);
    for (let n = 0; n < 3; n += 1) said[0]!(3401);
    fireEvent.click(screen.getByText('That is poured'));
    expect(poured.mock.calls).toEqual([[800]]);
    expect(screen.queryByTestId('pouring')).toBeNull();
  });

  it('is too much when it is, and nothing while the pot is off the scale', () => {
    for (let n = 0; n < 3; n += 1) said[0]!(2400);
    said[0]!(2400 + 1250);
    expect(text()).toContain('200 ml too much');
    said[0]!(12);
    expect(text()).toContain('The pot is off the scale');
    fireEvent.click(screen.getByText('Leave it'));
    expect(poured.mock.calls).toEqual([]);
  });

  it('begins from here where the pot was put down anew', () => {
    for (let n = 0; n < 3; n += 1) said[0]!(2400);
    for (let n = 0; n < 3; n += 1) said[0]!(3000);
    fireEvent.click(screen.getByText('From here'));
    expect(text()).toContain('Poured 0 ml of 800');
  });
});

describe('a ring that answers', () => {
  it('is set to what the stage wants at a press, and never by itself', async () => {
    const asked = network(() => ({ status: 204, body: undefined }));
    render(<Ring wanted="low" onNote={() => undefined} />);
    said[0]!(5);
    expect(text()).toContain('The ring is on high heat');
    expect(asked).toEqual([]);
    await act(() => Promise.resolve(fireEvent.click(screen.getByText('Set it to low heat'))));
    expect(asked.map((r) => `${r.method} ${r.path}`)).toEqual(['POST /api/instruments/2/set/low']);
    said[0]!(2);
    expect(text()).toBe('The ring is on low heat.');
  });

  it('says so where it does not hear, and can be noted as it is', async () => {
    network(() => 'gone');
    const noted: string[] = [];
    render(<Ring wanted="off" onNote={(heat) => noted.push(heat)} />);
    said[0]!(1);
    await act(async () => {
      fireEvent.click(screen.getByText('Set it to no heat'));
      await new Promise((later) => setTimeout(later, 0));
    });
    expect(text()).toContain('turn it by hand');
    fireEvent.click(screen.getByText('It stays so: note it'));
    expect(noted).toEqual(['veryLow']);
  });

  it('that says what no ring has is not there', () => {
    render(<Ring wanted="off" onNote={() => undefined} />);
    said[0]!(9);
    expect(text()).toBe('');
  });
});
