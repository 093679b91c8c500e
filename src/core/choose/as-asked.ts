import type { AskedKind, MethodTables } from '../method';
import type { Brief } from './brief';

/** What a session is that the coach asked for by name; null = as day and minutes say. */
export const askedKind = ({ shape }: Pick<Brief, 'shape'>, { templates }: MethodTables): AskedKind | null =>
  (shape.kind !== null && Object.hasOwn(templates, shape.kind) ? templates[shape.kind]?.asked : null) ?? null;

/** A brief as its kind of session holds it: with the kit that kind uses, or that the athletes bring, and its own rest between jumps. */
export function asAsked(brief: Brief, method: MethodTables): Brief {
  const kind = askedKind(brief, method);
  if (!kind) return brief;
  const { place, schools } = brief;
  const { kit, brought, jumpRest } = kind;
  const equipment = brought ? (kit ?? []) : place.equipment.filter((item) => kit === null || kit.includes(item));
  return {
    ...brief,
    schools: { ...schools, jumpRest: jumpRest ?? schools.jumpRest },
    place: { ...place, equipment, lane: place.lane && !brought },
  };
}
