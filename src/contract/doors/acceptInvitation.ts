import { doorOf } from '../door';

export type InvitationAnswer =
  | {
      readonly as: 'new';
      readonly token: string;
      readonly givenName: string;
      readonly familyName: string;
      readonly password: string;
    }
  | { readonly as: 'account'; readonly token: string; readonly email: string; readonly password: string }
  | { readonly as: 'signedIn'; readonly token: string };

const token = { type: 'string', minLength: 1, maxLength: 100 } as const;
const text = (maxLength: number) => ({ type: 'string', maxLength });
/** Accepts an invitation: as somebody new, with an account that one has, or as who is signed in. */
export const acceptInvitation = doorOf<InvitationAnswer>({
  path: '/api/invitation',
  method: 'POST',
  by: 'anybody',
  input: {
    type: 'object',
    required: ['as', 'token'],
    discriminator: { propertyName: 'as' },
    oneOf: [
      {
        properties: {
          as: { const: 'new' },
          token,
          givenName: text(120),
          familyName: text(120),
          password: text(200),
        },
        required: ['as', 'token', 'givenName', 'familyName', 'password'],
        additionalProperties: false,
      },
      {
        properties: { as: { const: 'account' }, token, email: text(254), password: text(200) },
        required: ['as', 'token', 'email', 'password'],
        additionalProperties: false,
      },
      {
        properties: { as: { const: 'signedIn' }, token },
        required: ['as', 'token'],
        additionalProperties: false,
      },
    ],
  },
}).answers<null>();
