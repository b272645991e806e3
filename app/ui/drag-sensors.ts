import { MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';

/** A drag begins with a move of the mouse, or with a finger that rests: a click and a scroll stay what they are. */
export const useDragSensors = () =>
  useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
  );
