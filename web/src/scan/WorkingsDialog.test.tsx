// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Grid, ReadWorking, SettledSquare } from '../api/types';
import { NoticeProvider } from '../ui/Notice';
import type { OnSheet } from './settling';
import { WorkingsDialog } from './WorkingsDialog';

const api = vi.hoisted(() => ({ readWorking: vi.fn(), settleSquares: vi.fn() }));
vi.mock('../api/client', () => ({ api }));

/** A working with some unread squares in one row. */
const working = (unread: number[]): ReadWorking =>
  ({
    firstRow: 0,
    rows: 4,
    page: {
      problem: '467 + 258',
      methodName: 'column',
      paper: { marks: [], extent: { from: { row: 0, column: 0 }, to: { row: 4, column: 4 } } },
      strokes: unread.map((column, number) => ({
        number,
        millis: 0,
        kind: 'UNREAD',
        row: 3,
        column,
        text: '',
      })),
      report: { figures: [], missing: [], findings: [], hints: [], allRight: false },
      truth: { marks: [], extent: { from: { row: 0, column: 0 }, to: { row: 4, column: 4 } } },
    },
  }) as unknown as ReadWorking;

const answer = (sum: number) =>
  ({ scan: 1, page: 2, sum, text: '615', pupil: 7 }) as unknown as OnSheet;

const grid = {
  id: 9,
  sums: [{ problem: '467 + 258' }, { problem: '503 − 87' }],
  pupils: [],
} as unknown as Grid;

/** Answers that are on their way, each to be sent when the test says so. */
let onTheirWay: { sum: number; squares: SettledSquare[]; answer: (read: ReadWorking) => void }[];

beforeEach(() => {
  onTheirWay = [];
  api.readWorking.mockImplementation((_scan, _page, sum: number) =>
    Promise.resolve(working(sum === 0 ? [1, 2, 3] : [1, 2])),
  );
  api.settleSquares.mockImplementation(
    (_scan, _page, sum: number, squares: SettledSquare[]) =>
      new Promise<ReadWorking>((answered) => {
        onTheirWay.push({ sum, squares, answer: answered });
      }),
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <NoticeProvider>
        <WorkingsDialog grid={grid} wrong={[answer(0), answer(1)]} onClose={() => undefined} />
      </NoticeProvider>
    </QueryClientProvider>,
  );
});

afterEach(cleanup);

const press = (key: string) => fireEvent.keyDown(screen.getByRole('dialog'), { key });

it('gives each of several quick figures its own square, in their order', async () => {
  await waitFor(() => expect(screen.getAllByTestId('drawing').length).toBeGreaterThan(0));
  press('7');
  press('2');
  await waitFor(() => expect(onTheirWay).toHaveLength(1));
  expect(onTheirWay[0]?.squares).toEqual([{ row: 3, column: 1, figure: 7 }]);
  onTheirWay[0]?.answer(working([2, 3]));
  await waitFor(() => expect(onTheirWay).toHaveLength(2));
  expect(onTheirWay[1]?.squares).toEqual([{ row: 3, column: 2, figure: 2 }]);
});

it('puts an answer that comes late to the working that it is of', async () => {
  await waitFor(() => expect(screen.getAllByTestId('drawing').length).toBeGreaterThan(0));
  press('7');
  await waitFor(() => expect(onTheirWay).toHaveLength(1));
  press('ArrowDown');
  await waitFor(() => expect(screen.getByText(/503 − 87/)).toBeTruthy());
  onTheirWay[0]?.answer(working([2, 3]));
  await waitFor(() => expect(api.readWorking).toHaveBeenCalledWith(1, 2, 1));
  press('5');
  await waitFor(() => expect(onTheirWay).toHaveLength(2));
  expect(onTheirWay[1]?.sum).toBe(1);
  expect(onTheirWay[1]?.squares).toEqual([{ row: 3, column: 1, figure: 5 }]);
});
