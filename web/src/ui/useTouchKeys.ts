import { useState } from 'react';

/** Whether keys to be touched are shown: at first where the pointer is a finger, then as chosen. */
export const useTouchKeys = () => useState(() => matchMedia('(pointer: coarse)').matches);
