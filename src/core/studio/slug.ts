import { Type } from '@sinclair/typebox';

/**
 * A short name that things are looked up by: small letters, digits, hyphens. Not the one name of this form that every object of the
 * language answers to by itself.
 */
export const SLUG = '^(?!constructor$)[a-z0-9-]+$';
export const SlugSchema = Type.String({ pattern: SLUG, minLength: 1, maxLength: 40 });
