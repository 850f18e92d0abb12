/** Routes of variants, and of what is bought next. */
import { Made } from './made.js';
import { NewVariant, Purchases, Variants } from './variants.js';

export const variantRoutes = {
  'POST /events/:id/variant': {
    needs: ['change', 'events'],
    summary:
      'Makes another way of doing an event, on the same day, which takes nothing from the shelf beside it; once under the id that the client chose (?as=)',
    body: NewVariant,
    answer: Made,
    status: 201,
  },
  'GET /events/:id/variants': {
    needs: ['read', 'events'],
    summary: 'An event and its variants side by side, and what is bought from the smallest to the largest',
    answer: Variants,
  },
  'GET /events/next-purchase': {
    needs: ['read', 'money'],
    summary: 'What one more would help all coming events most for its money',
    answer: Purchases,
  },
} as const;
