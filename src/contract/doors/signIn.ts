import { doorOf } from '../door';

export type SignIn =
  | {
      readonly as: 'adult';
      readonly email: string;
      readonly password: string;
      readonly ownDevice?: boolean;
    }
  | {
      readonly as: 'student';
      readonly code: string;
      /** Chosen from the class's list: the handle of the name … */
      readonly who?: string;
      /** … or typed, where the class has it so. */
      readonly name?: string;
      readonly passcode: string;
      readonly ownDevice?: boolean;
    };

const secret = { type: 'string', minLength: 1, maxLength: 200 } as const;
/** Signs in, for this device or for one that many use. */
export const signIn = doorOf<SignIn>({
  path: '/api/session',
  method: 'POST',
  by: 'anybody',
  input: {
    type: 'object',
    required: ['as'],
    discriminator: { propertyName: 'as' },
    oneOf: [
      {
        properties: {
          as: { const: 'adult' },
          email: { type: 'string', minLength: 1, maxLength: 254 },
          password: secret,
          ownDevice: { type: 'boolean' },
        },
        required: ['as', 'email', 'password'],
        additionalProperties: false,
      },
      {
        properties: {
          as: { const: 'student' },
          code: { type: 'string', minLength: 1, maxLength: 40 },
          who: { type: 'string', minLength: 1, maxLength: 22 },
          name: { type: 'string', maxLength: 200 },
          passcode: secret,
          ownDevice: { type: 'boolean' },
        },
        required: ['as', 'code', 'passcode'],
        additionalProperties: false,
      },
    ],
  },
}).answers<null>();
