import type { ComponentType } from 'react';
import { parse } from 'regexparam';

export interface Place {
  /** a pattern of addresses */
  path: string;
  load: () => Promise<ComponentType>;
  /** once it is loaded */
  Component?: ComponentType;
}

const at = (path: string, load: Place['load']): Place => ({ path, load });

/** The places of the bench by their addresses; each loads when it is visited. */
export const ADDRESSES: Place[] = [
  at('/', async () => (await import('./start/StartPlace')).StartPlace),
  at('/locker', async () => (await import('./locker/LockerPlace')).LockerPlace),
  at('/rack', async () => (await import('./rack/RackPlace')).RackPlace),
  at('/plan/:id?', async () => (await import('./plan/PlanPlace')).PlanPlace),
  at('/wind', async () => (await import('./wind/WindPlace')).WindPlace),
  at('/wind/:uuid', async () => (await import('./wind/RunPlace')).RunPlace),
  at('/drag', async () => (await import('./drag/DragPlace')).DragPlace),
  at('/drag/practice', async () => (await import('./drag/PracticePlace')).PracticePlace),
  at('/drag/card', async () => (await import('./drag/CardPlace')).CardPlace),
  at('/practice', async () => (await import('./practice/PracticesPlace')).PracticesPlace),
  at('/practice/:lesson', async () => (await import('./practice/LessonPlace')).LessonPlace),
  at('/log', async () => (await import('./log/LogPlace')).LogPlace),
  at('/day/:id?', async () => (await import('./day/DayPlace')).DayPlace),
  at('/knots', async () => (await import('./knots/KnotsPlace')).KnotsPlace),
  at('/twist', async () => (await import('./twist/TwistLab')).TwistLab),
  at('/trouble', async () => (await import('./trouble/TroublePlace')).TroublePlace),
  at('/labels', async () => (await import('./labels/LabelsPlace')).LabelsPlace),
  at('/paper', async () => (await import('./paper/PaperPlace')).PaperPlace),
  at('/sheet/:id?', async () => (await import('./sheet/SheetPlace')).SheetPlace),
  at('/preferences', async () => (await import('./habits/HabitsPlace')).HabitsPlace),
  // what it was called before
  at('/habits', async () => (await import('./habits/Moved')).Moved),
  at('/account', async () => (await import('./account/AccountPlace')).AccountPlace),
  at('/data', async () => (await import('./data/DataPlace')).DataPlace),
];

/** What stands at an address, loaded as far as it can be; null: nothing has to be waited for. */
export function ready(to: string): Promise<void> | null {
  const path = new URL(to, window.location.href).pathname;
  const place = ADDRESSES.find((each) => parse(each.path).pattern.test(path));
  return place && !place.Component ? load(place).catch(() => {}) : null;
}

export async function load(place: Place): Promise<void> {
  place.Component = await place.load();
}
