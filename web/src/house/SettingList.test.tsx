// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { ClassRoom, Setting, Style } from '../api/types';
import { heardOf, useCurrentClass } from '../session/classes';
import { SettingList } from './SettingList';

const api = vi.hoisted(() => ({ classes: vi.fn(), changeClass: vi.fn(), work: vi.fn() }));
vi.mock('../api/client', () => ({ api }));

const setting = {
  key: 'decimalMark',
  name: 'Decimal mark',
  about: '',
  example: '2.50 + 1.75',
  method: 'column',
  step: 0,
  moves: [],
  choices: [
    { value: 'POINT', name: 'point' },
    { value: 'COMMA', name: 'comma' },
  ],
} as unknown as Setting;

const room = (style: Style, version: number) =>
  ({ id: 1, name: 'Walled Garden', current: true, unknown: [], style, version }) as ClassRoom;

let queries: QueryClient;
/** Changes on their way, each to be kept or refused when the test says so. */
let onTheirWay: { keep: () => void; refuse: () => void }[];

function House() {
  const current = useCurrentClass();
  return (
    current && (
      <SettingList
        groups={[{ name: 'Numbers', settings: [setting] }]}
        room={current}
        lastSum={null}
      />
    )
  );
}

beforeEach(() => {
  onTheirWay = [];
  queries = new QueryClient();
  let kept = room({ decimalMark: 'POINT' }, 1);
  api.classes.mockImplementation(() => Promise.resolve([kept]));
  api.work.mockImplementation(() => new Promise(() => undefined));
  api.changeClass.mockImplementation(
    (_id, { style, version }: { style: Style; version: number }) =>
      new Promise((answered, failed) => {
        onTheirWay.push({
          keep: () => {
            kept = room(style, version + 1);
            answered([kept]);
          },
          refuse: () => failed(new Error('Not now.')),
        });
      }),
  );
  render(
    <QueryClientProvider client={queries}>
      <House />
    </QueryClientProvider>,
  );
});

afterEach(cleanup);

const press = async (name: string) => fireEvent.click(await screen.findByRole('button', { name }));
const chosen = () =>
  screen.getAllByRole('button', { pressed: true }).map((button) => button.textContent);
const begun = (many: number) => waitFor(() => expect(onTheirWay.length).toBe(many));

it('shows the later of two choices, however slow the first is kept', async () => {
  await press('comma');
  await begun(1);
  await press('point');
  expect(chosen()).toEqual(['point']);
  onTheirWay[0]?.keep();
  await begun(2);
  expect(chosen()).toEqual(['point']);
  onTheirWay[1]?.keep();
  await waitFor(() => expect(heardOf(queries, 1)?.version).toBe(3));
  expect(chosen()).toEqual(['point']);
});

it('shows what is kept where a choice is refused', async () => {
  await press('comma');
  await begun(1);
  onTheirWay[0]?.refuse();
  await screen.findByText('Not now.');
  await waitFor(() => expect(chosen()).toEqual(['point']));
});
