const STORE = 'bemble.single-keys';

/** Whether letters and signs by themselves are keys outside the Slate: B, ?. */
export const areSingleKeysOn = () => localStorage.getItem(STORE) !== 'off';

export function setSingleKeys(on: boolean) {
  localStorage.setItem(STORE, on ? 'on' : 'off');
}
