import type { AnyObject, ObjectSchema, Schema, SchemaObjectDescription } from 'yup';

type Json = Readonly<Record<string, unknown>>;

/** What our schemas carry besides what Yup knows of them; see `src/core/schema/inJson.ts`. */
interface Carried {
  readonly json?: Json;
  readonly definition?: string;
  readonly choices?: readonly Schema[];
}

const carriedBy = (schema: Schema): Carried => (schema.spec as { meta?: Carried }).meta ?? {};

const isObject = (schema: Schema): schema is ObjectSchema<AnyObject> => schema.type === 'object';

/** Limits that Yup's own tests hold. */
function limits(
  tests: readonly { readonly name?: string; readonly params?: Json }[],
  type: string,
): Json {
  const found: Record<string, unknown> = {};
  const [least, most] = type === 'array' ? ['minItems', 'maxItems'] : ['minLength', 'maxLength'];
  for (const { name, params } of tests) {
    if (name === 'min') found[least!] = params?.['min'];
    if (name === 'max') found[most!] = params?.['max'];
    if (name === 'matches') found['pattern'] = (params!['regex'] as RegExp).source;
  }
  return found;
}

/** Makes JSON Schemas of Yup schemas, each named one once. */
export class JsonSchemas {
  readonly definitions: Record<string, Json> = {
    quantity: {
      description: 'A figure or a sum with its unit: "300 mm", "1-1/4 in", "3*120+45 mm"',
      type: 'string',
      minLength: 1,
      maxLength: 200,
    },
  };

  /** A schema, or a reference to it where it has a name. */
  of(schema: Schema): Json {
    const { definition } = carriedBy(schema);
    if (definition === undefined) return this.whole(schema);
    this.definitions[definition] ??= this.whole(schema);
    return { $ref: `#/definitions/${definition}` };
  }

  private whole(schema: Schema): Json {
    const { json = {}, choices } = carriedBy(schema);
    if (choices !== undefined) return { anyOf: choices.map((each) => this.of(each)) };
    if (isObject(schema)) return this.object(schema, json);
    // Helpers that test for themselves say the whole of it.
    if (Object.keys(json).length > 0) return json;
    const described = schema.describe() as SchemaObjectDescription;
    if (described.oneOf.length === 1) return { const: described.oneOf[0] };
    if (described.oneOf.length > 1) return { enum: described.oneOf };
    const { innerType } = schema as unknown as { readonly innerType?: Schema };
    return {
      type: schema.type,
      ...(innerType === undefined ? {} : { items: this.of(innerType) }),
      ...limits(described.tests as never, schema.type),
    };
  }

  private object(schema: ObjectSchema<AnyObject>, { properties = {}, ...json }: Json): Json {
    const fields = Object.entries(schema.fields as Readonly<Record<string, Schema>>);
    return {
      type: 'object',
      additionalProperties: false,
      // What is refused when it is missing must be there.
      required: fields.filter(([, field]) => isNeeded(field)).map(([key]) => key),
      properties: {
        ...Object.fromEntries(fields.map(([key, field]) => [key, this.of(field)])),
        ...(properties as Json),
      },
      ...json,
    };
  }
}

function isNeeded(schema: Schema): boolean {
  try {
    schema.validateSync(undefined);
    return false;
  } catch {
    return true;
  }
}
