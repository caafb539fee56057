import { Ajv, type ErrorObject } from 'ajv';
import addFormats from 'ajv-formats';
import type { TSchema, Static } from '@sinclair/typebox';
import { done, not, type Fault, type Result } from '../core/result';

const ajv = addFormats.default(new Ajv({ allErrors: false, strict: true, strictTypes: false, verbose: false }));

const TYPES: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  integer: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  null: 'empty',
};

/** What would do, for the faults that people make; by Ajv's keyword, with its limit, type or format. */
const SAID: Readonly<Record<string, (limit: unknown) => string>> = {
  minItems: (least) => `must have at least ${String(least)}`,
  maxItems: (most) => `must have at most ${String(most)}`,
  minLength: () => 'must not be empty',
  maxLength: (most) => `must be at most ${String(most)} characters long`,
  minimum: (least) => `must be at least ${String(least)}`,
  maximum: (most) => `must be at most ${String(most)}`,
  exclusiveMinimum: (least) => `must be more than ${String(least)}`,
  minProperties: () => 'must change something',
  uniqueItems: () => 'must not have the same thing twice',
  type: (type) => `must be ${TYPES[String(type)] ?? String(type)}`,
  format: (format) => (format === 'date' ? 'must be a day, as 2030-05-01' : `must be a ${String(format)}`),
  pattern: () => 'is not written as it must be',
};

/** Ajv's error in words that say what would do. */
function inWords(error: ErrorObject): Fault {
  const params = error.params as Record<string, unknown>;
  const at = error.instancePath;
  switch (error.keyword) {
    case 'required':
      return { error: `“${String(params.missingProperty)}” is missing`, at: `${at}/${String(params.missingProperty)}` };
    case 'additionalProperties':
      return {
        error: `“${String(params.additionalProperty)}” is not known here`,
        at: `${at}/${String(params.additionalProperty)}`,
      };
    case 'enum':
      return { error: `must be one of: ${(params.allowedValues as unknown[]).join(', ')}`, at };
    case 'const':
      return { error: `must be ${JSON.stringify(params.allowedValue)}`, at };
    default:
      return { error: SAID[error.keyword]?.(params.limit ?? params.type ?? params.format) ?? error.message!, at };
  }
}

/** A check for values from outside, and the schema it was made of. */
export interface Check<T> {
  (value: unknown): Result<T, Fault>;
  readonly schema: TSchema;
}

/** A check for values from outside, compiled from its schema when it is first used: a process that starts does not wait for all of them. */
export function checker<S extends TSchema>(schema: S): Check<Static<S>> {
  const check = (value: unknown): Result<Static<S>, Fault> => {
    const validate = ajv.compile(schema);
    if (validate(value)) return done(value as Static<S>);
    const errors: ErrorObject[] = validate.errors ?? [];
    const faults = errors.map(inWords);
    // The deepest fault says most: a union reports every branch that did not fit.
    const fault = faults.sort((a: Fault, b: Fault) => b.at.split('/').length - a.at.split('/').length)[0]!;
    return not(fault);
  };
  return Object.assign(check, { schema });
}
