import type { Course } from './schema/course.js';
import type { Note } from './schema/note.js';

/** Every line a course says. */
export function courseNotes(course: Course): Note[] {
  const { verdict, atOnce, cloths, never, says, prevent } = course;
  const ofCloths = Object.values(cloths).flatMap((cloth) =>
    cloth.kind === 'course'
      ? [
          ...cloth.notes,
          ...cloth.dry.notes,
          ...(cloth.wash?.extra ?? []),
          ...[...cloth.first, ...cloth.second].flatMap(({ advice }) => advice),
          ...cloth.end.notes,
        ]
      : cloth.why,
  );
  return [
    ...verdict.tells.map((tell) => tell.see),
    ...verdict.causeAction,
    ...atOnce.garment,
    ...atOnce.surface,
    ...atOnce.donts,
    ...ofCloths,
    ...never.map((one) => one.what),
    ...says,
    ...prevent,
  ];
}
