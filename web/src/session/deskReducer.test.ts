import { describe, expect, it } from 'vitest';
import { Trouble } from '../api/taken';
import { steps, working } from '../test/workings';
import { allSteps, deskReducer, EMPTY_DESK, lastStep, stepKey, type Desk } from './deskReducer';

const SUM = working('46 + 38', steps('set', 'ones', 'tens'), steps('check', 'check'));
const laid = (): Desk => deskReducer(EMPTY_DESK, { do: 'set out', working: SUM });

describe('deskReducer', () => {
  it('keeps the page while another line is typed or refused', () => {
    const typed = deskReducer(laid(), { do: 'type', line: '46 +' });
    const refused = deskReducer(typed, {
      do: 'refuse',
      trouble: new Trouble('A number is missing'),
    });
    expect(refused.working).toBe(SUM);
    expect(refused.line).toBe('46 +');
    expect(deskReducer(refused, { do: 'type', line: '46 + 3' }).trouble).toBeNull();
  });

  it('counts on from the working into its check', () => {
    expect(allSteps(SUM)).toHaveLength(5);
    expect(lastStep(laid())).toBe(4);
    expect(lastStep(EMPTY_DESK)).toBe(0);
  });

  it('takes steps while its page is on its way, and turns them when it has come', () => {
    const keys = ['send', 'next', 'next', 'next', 'back'] as const;
    const sent = keys.reduce<Desk>(
      (desk, key) => deskReducer(desk, { do: key, line: '46 + 38' }),
      laid(),
    );
    expect(sent.step).toBe(0);
    const come = deskReducer(sent, { do: 'set out', working: SUM, typed: '46 + 38' });
    expect(come).toMatchObject({ step: 2, sent: null });
    const refused = deskReducer(sent, { do: 'refuse', trouble: new Trouble('No') });
    expect(deskReducer(refused, { do: 'next' }).step).toBe(1);
  });

  it('ends at the last step whatever an address asks for', () => {
    expect(deskReducer(EMPTY_DESK, { do: 'set out', working: SUM, step: 1000 }).step).toBe(4);
  });

  it('leaves a line that is typed while the page that an address names is on its way', () => {
    const typed = deskReducer(EMPTY_DESK, { do: 'type', line: '4' });
    const come = deskReducer(typed, { do: 'set out', working: SUM, named: true });
    expect(come.line).toBe('4');
    expect(deskReducer(laid(), { do: 'set out', working: SUM, named: true }).line).toBe('46 + 38');
  });

  it('stops at both ends', () => {
    expect(deskReducer(laid(), { do: 'back' }).step).toBe(0);
    const end = deskReducer(laid(), { do: 'go', step: 99 });
    expect(end.step).toBe(4);
    expect(deskReducer(end, { do: 'next' })).toBe(end);
    expect(deskReducer(end, { do: 'go', step: -3 }).step).toBe(0);
  });

  it('asks before each step where that is wanted, and takes the question back first', () => {
    const asking = [{ do: 'ask first', on: true } as const, { do: 'next' } as const].reduce(
      deskReducer,
      laid(),
    );
    expect([asking.step, asking.asking]).toEqual([0, true]);
    const answered = deskReducer(asking, { do: 'next' });
    expect([answered.step, answered.asking]).toEqual([1, false]);
    const back = deskReducer(asking, { do: 'back' });
    expect([back.step, back.asking]).toEqual([0, false]);
  });

  it('stays at its step when the sum is worked anew, as far as that has so many', () => {
    const far = deskReducer(laid(), { do: 'go', step: 4 });
    const shorter = working('46 + 38', steps('set', 'ones'));
    expect(deskReducer(far, { do: 'work anew', working: shorter }).step).toBe(1);
  });

  it('begins a check again that is worked anew in other steps', () => {
    const inCheck = deskReducer(laid(), { do: 'go', step: 4 });
    const inOneGo = working('46 + 38', steps('set', 'ones', 'tens'), steps('check'));
    expect(deskReducer(inCheck, { do: 'work anew', working: inOneGo }).step).toBe(2);
    const before = deskReducer(laid(), { do: 'go', step: 1 });
    expect(deskReducer(before, { do: 'work anew', working: inOneGo }).step).toBe(1);
    const alike = working('46 + 38', steps('set', 'ones', 'tens'), steps('check', 'check'));
    expect(deskReducer(inCheck, { do: 'work anew', working: alike }).step).toBe(4);
  });

  it('leaves a line that was changed meanwhile as it was typed', () => {
    const other = working('46 + 38', steps('set'));
    const typed = deskReducer(laid(), { do: 'type', line: '46 + 39' });
    expect(deskReducer(typed, { do: 'work anew', working: other }).line).toBe('46 + 39');
  });

  it('keeps what was typed while the page was on its way', () => {
    const typing = deskReducer(EMPTY_DESK, { do: 'type', line: '46 + 3' });
    const since = deskReducer(typing, { do: 'set out', working: SUM, typed: '46 +' });
    expect(since.line).toBe('46 + 3');
    expect(since.working).toBe(SUM);
    const quiet = deskReducer(typing, { do: 'set out', working: SUM, typed: '46 + 3' });
    expect(quiet.line).toBe(SUM.problem);
  });
  it('forgets the kept page when another sum is set out', () => {
    const kept = deskReducer(laid(), { do: 'keep', page: { id: 7, title: 'Bulbs' } });
    expect(kept.page?.id).toBe(7);
    expect(deskReducer(kept, { do: 'set out', working: SUM }).page).toBeNull();
  });
});

describe('stepKey', () => {
  it('does nothing on an empty desk', () => {
    expect(stepKey(' ', EMPTY_DESK)).toBeUndefined();
  });

  it('knows the keys of a page', () => {
    expect(stepKey(' ', laid())).toEqual({ do: 'next' });
    expect(stepKey('ArrowLeft', laid())).toEqual({ do: 'back' });
    expect(stepKey('End', laid())).toEqual({ do: 'go', step: 4 });
    expect(stepKey('q', laid())).toBeUndefined();
  });
});
