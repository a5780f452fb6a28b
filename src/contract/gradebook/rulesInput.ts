/** JSON Schema of where columns stand, beside the rules: those that are not named stay where they are. */
export const rulesInput = {
  places: {
    type: 'array',
    maxItems: 500,
    items: {
      type: 'object',
      required: ['columnId', 'categoryId'],
      additionalProperties: false,
      properties: {
        columnId: { type: 'string', maxLength: 16 },
        categoryId: { anyOf: [{ type: 'string', maxLength: 16 }, { type: 'null' }] },
      },
    },
  },
} as const;
