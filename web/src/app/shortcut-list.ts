/** What `?` shows; `steps`: how far the arrow keys move things. */
export const shortcutsWith = (steps: string): readonly (readonly [keys: string, does: string])[] => [
  ['1 … 9, 0, -', 'go to a station, left to right'],
  ['s', 'open or close the list of snags'],
  ['n / p', 'next or previous snag'],
  ['f', 'apply the first fix of the snag shown'],
  ['w', 'show or hide the working of the figure in focus or under the pointer'],
  ['arrow keys', `move what is selected on the plan ${steps}`],
  ['r', 'turn what is selected on the plan 5°; with Shift the other way'],
  ['Delete', 'take out what is picked on the ground'],
  ['Shift+click', 'pick several things on the ground'],
  ['u / Shift+u', 'undo, redo (Ctrl+Z too)'],
  ['b', 'Blackout on or off'],
  ['/', 'find anything in this event'],
  ['?', 'this list'],
  ['Esc', 'close what is open'],
];
