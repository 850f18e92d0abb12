/** Routes of what is drawn of an event: labels, the plan with its cameras, the schematic, the racks. */

export const drawingRoutes = {
  'GET /events/:id/labels.pdf': {
    needs: ['read', 'sheets'],
    summary:
      'Labels for both ends of every lead as PDF; ?size=flag or wrap, ?paper=A4 or LETTER, ?only=changed for what is not as it was printed',
    file: 'application/pdf',
  },
  'GET /events/:id/labels.svg': {
    needs: ['read', 'sheets'],
    summary: 'One page of those labels as SVG, by ?page from 1',
    file: 'image/svg+xml',
  },
  'GET /events/:id/camera-plan.pdf': {
    needs: ['read', 'sheets'],
    summary: 'The plan with every camera, and a card for each with its settings and its picture, as PDF',
    file: 'application/pdf',
  },
  'GET /events/:id/schematic.pdf': {
    needs: ['read', 'sheets'],
    summary: 'The schematic as PDF, over as many pages as it takes',
    file: 'application/pdf',
  },
  'GET /events/:id/schematic.svg': {
    needs: ['read', 'sheets'],
    summary: 'The schematic as one SVG picture',
    file: 'image/svg+xml',
  },
  'GET /events/:id/racks.pdf': {
    needs: ['read', 'sheets'],
    summary:
      'Every rack to scale from the front, cut open and from the rear, with its panels and what leaves it, as PDF',
    file: 'application/pdf',
  },
  'GET /events/:id/racks.svg': {
    needs: ['read', 'sheets'],
    summary: 'The same as one SVG picture',
    file: 'image/svg+xml',
  },
  'GET /events/:id/racks.dxf': {
    needs: ['read', 'sheets'],
    summary: 'Every rack and its panels as a DXF drawing in metres',
    file: 'image/vnd.dxf',
  },
} as const;
