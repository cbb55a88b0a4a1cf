import type {
  FoundPlace,
  Register,
  RegisterSquare,
  RungLabel,
  StandingRequest,
} from '../api/types';
import { t } from '../words';

export type Standing = RegisterSquare['standing'];
export type Operation = RungLabel['operation'];

export const OPERATIONS: Record<Operation, string> = {
  ADDITION: t('register.addition'),
  SUBTRACTION: t('register.subtraction'),
  MULTIPLICATION: t('register.multiplication'),
  DIVISION: t('register.division'),
  ROOT: t('register.roots'),
};

/** The standings from the best to none, in the order of lists. */
export const STANDINGS: Record<Standing, string> = {
  SURE: t('register.sure'),
  LOOK_AGAIN: t('register.to-look-at-again'),
  NEARLY: t('register.nearly'),
  BEGUN: t('register.begun'),
  NEW: t('register.new'),
};

export const inOrder = Object.keys(STANDINGS) as Standing[];

const keyOf = (pupil: number, rung: string) => `${pupil} ${rung}`;

/** The squares by pupil and rung; one that is not there is new. */
export function squaresOf(register: Register) {
  const squares = new Map(
    register.squares.map((square) => [keyOf(square.pupil, square.rung), square]),
  );
  return (pupil: number, rung: string): RegisterSquare | undefined =>
    squares.get(keyOf(pupil, rung));
}

/** The operations with some work; all if there is none. */
export function begunOperations(register: Register): Operation[] {
  const begun = new Set(register.squares.map(({ rung }) => rung));
  const worked = register.rungs.filter(({ id }) => begun.has(id));
  return [...new Set((worked.length > 0 ? worked : register.rungs).map((rung) => rung.operation))];
}

/** The rungs of an operation up to one of them, that one among them; none for no rung. */
export function rungsUpTo({ rungs }: Register, id: string): RungLabel[] {
  const last = rungs.findIndex((rung) => rung.id === id);
  return rungs.slice(0, last + 1).filter(({ operation }) => operation === rungs[last]?.operation);
}

/** The rungs that are asked next, with their pupils. */
export function askedNext(places: FoundPlace[]): { rung: string; pupils: number[] }[] {
  const rungs = [...new Set(places.flatMap(({ ask }) => ask ?? []))];
  return rungs.map((rung) => ({
    rung,
    pupils: places.filter(({ ask }) => ask === rung).map(({ pupil }) => pupil),
  }));
}

/**
 * The standings that follow from found places, for rungs without work. Work on a rung speaks for
 * itself.
 */
export function foundPlaces(register: Register, places: FoundPlace[]): StandingRequest[] {
  const squareOf = squaresOf(register);
  return places
    .filter(({ ask }) => ask === undefined)
    .flatMap(({ pupil, upTo }) =>
      rungsUpTo(register, upTo ?? '')
        .filter(({ id }) => squareOf(pupil, id) === undefined)
        .map(({ id }) => ({ pupil, rung: id, standing: 'SURE' })),
    );
}

/** The wanted part of the register; an empty word wants everything. */
export interface Filter {
  operation: Operation | '';
  standing: Standing | '';
  slip: string;
}

/**
 * The rungs and pupils with a wanted square. Pupils who have left are shown only if they have one.
 */
export function wantedOf(register: Register, { operation, standing, slip }: Filter) {
  const squareOf = squaresOf(register);
  const ofOperation = register.rungs.filter((rung) => !operation || rung.operation === operation);
  const isAny = !standing && !slip;
  const isWanted = (pupil: number, rung: string) => {
    const square = squareOf(pupil, rung);
    return (
      (!standing || (square?.standing ?? 'NEW') === standing) && (!slip || square?.slip === slip)
    );
  };
  return {
    rungs: isAny
      ? ofOperation
      : ofOperation.filter(({ id }) => register.pupils.some((pupil) => isWanted(pupil.id, id))),
    pupils: register.pupils.filter(
      ({ id, left }) =>
        (isAny && !left) ||
        ofOperation.some((rung) =>
          isAny ? squareOf(id, rung.id) !== undefined : isWanted(id, rung.id),
        ),
    ),
    isWanted,
  };
}

/** The pupils who stand so on a rung, by standing. */
export function groupsOf(register: Register, rung: string) {
  const squareOf = squaresOf(register);
  return inOrder
    .map((standing) => ({
      standing,
      pupils: register.pupils.filter(
        ({ id, left }) => !left && (squareOf(id, rung)?.standing ?? 'NEW') === standing,
      ),
    }))
    .filter(({ pupils }) => pupils.length > 0);
}

/** The rungs of a pupil by standing; new ones are left out. */
export function rungsOf(register: Register, pupil: number) {
  const squareOf = squaresOf(register);
  return inOrder
    .filter((standing) => standing !== 'NEW')
    .map((standing) => ({
      standing,
      rungs: register.rungs.filter(({ id }) => squareOf(pupil, id)?.standing === standing),
    }))
    .filter(({ rungs }) => rungs.length > 0);
}
