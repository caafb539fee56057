import { Type, type TSchema } from '@sinclair/typebox';

/**
 * Or null, where there is none.
 *
 * @example
 * orNull(NameSchema).anyOf.length // 2
 */
export const orNull = <T extends Parameters<typeof Type.Union>[0][number]>(schema: T) =>
  Type.Union([schema, Type.Null()]);

/**
 * A field for each name, for the schema of an object.
 *
 * @example
 * Object.keys(fieldsFor(['new', 'fluent'], () => DateSchema)) // ['new', 'fluent']
 */
export function fieldsFor<S extends TSchema>(names: readonly string[], schemaOf: (name: string) => S) {
  return Object.fromEntries(names.map((name): [string, S] => [name, schemaOf(name)]));
}

/** A day that a workshop may be held or a wrist taken on. */
export const DateSchema = Type.String({ format: 'date', pattern: '^(19|20|21)' });
export const MomentSchema = Type.String({ format: 'date-time', pattern: '^20', maxLength: 40 });
/** As many changes as the database counts. */
export const VersionSchema = Type.Integer({ minimum: 1, maximum: 2_147_483_646 });
export const NameSchema = Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' });
