/** Rules of Shots. */
import { device, hanging, holds, remove, screenAt, set, type Row } from './snag-tables.js';

const WINDOW = { order: 'zz1', mark: 'marktable', camera: 'camwide01', window: true };

const TABLE: readonly Row[] = [
  [
    'shots.too-dark',
    'risk',
    ['venue', set('/marks/marklecte/light', 5)],
    ['venue', set('/marks/marklecte/light', 120)],
  ],
  [
    'shots.too-bright',
    'note',
    ['venue', set('/marks/marklecte/light', 9000)],
    ['venue', set('/marks/marklecte/light', 900)],
  ],
  [
    'shots.covered-once',
    'note',
    ['plan', set('/devices/camside01/place/at', [12, 12])],
    ['plan', remove('/devices/camnorth1'), remove('/devices/camside01')],
  ],
  [
    'shots.support-too-weak',
    'stop',
    ['kinds', set('/kinds/tripodflu/support/load', 1)],
    ['kinds', set('/kinds/tripodflu/support/load', 2)],
  ],
  [
    'shots.support-wrong-height',
    'risk',
    ['plan', set('/devices/camwide01/place/height', 2.2)],
    ['plan', set('/devices/camwide01/place/height', 1.2)],
  ],
  [
    'shots.support-wrong-head',
    'risk',
    ['plan', set('/devices/camside01/support', 'standhigh')],
    ['plan', set('/devices/camside01/support', 'standhigh'), set('/devices/camside01/worked', 'remote')],
  ],
  [
    'shots.flicker',
    'risk',
    ['venue', set('/screens', { screenfli: screenAt(60) })],
    ['venue', set('/screens', { screenfli: screenAt(100) })],
  ],
  [
    'shots.solid-in-the-way',
    'stop',
    ['venue', set('/areas/bannerhan', hanging(2))],
    ['venue', set('/areas/bannerhan', hanging(5))],
  ],
  [
    'shots.disturbing',
    'note',
    ['plan', set('/devices/camside01/place/at', [15, 7.7])],
    ['plan', set('/devices/camside01/place/at', [16.4, 13.9])],
  ],
  [
    'shots.overhead',
    'risk',
    ['plan', set('/devices/camside01/place/at', [18.9, 10.2]), set('/devices/camside01/place/height', 4)],
    ['plan', set('/devices/camside01/place/at', [14.9, 10.2]), set('/devices/camside01/place/height', 4)],
  ],
  [
    'shots.not-straight-down',
    'risk',
    ['plan', set('/shots/shotsolois/size', 'from above')],
    [
      'plan',
      set('/shots/shotsolois/size', 'from above'),
      set('/devices/camside01/place/at', [18.9, 10.2]),
      set('/devices/camside01/place/height', 4),
    ],
  ],
  [
    'shots.stand-in-aisle',
    'risk',
    ['plan', set('/devices/camnorth1/place/at', [10, 7.2])],
    ['plan', set('/devices/camnorth1/place/at', [10.4, 1.9])],
  ],
  [
    'shots.gear-in-picture',
    'note',
    ['plan', set('/devices/camside01/place/at', [14, 7.4]), set('/devices/camside01/worked', 'operated')],
    ['plan', set('/devices/camside01/place/at', [14, 13])],
  ],
  [
    'shots.poor-cut',
    'note',
    ['plan', set('/shots/shotsolois/mark', 'marklecte'), set('/devices/camside01/place/at', [10.4, 3.2])],
    ['plan', set('/shots/shotsolois/mark', 'marklecte')],
  ],
  [
    'shots.too-near',
    'risk',
    ['plan', set('/devices/camside01/place/at', [18.9, 10.5]), set('/devices/camside01/place/height', 1.6)],
    ['plan', set('/devices/camside01/place/at', [18.9, 11.5])],
  ],
  [
    'shots.not-sharp',
    'risk',
    ['venue', set('/marks/marklecte/width', 12)],
    ['venue', set('/marks/marklecte/width', 1)],
  ],
  [
    'shots.no-camera',
    'risk',
    ['plan', remove('/shots/shotchoir1/camera')],
    ['plan', set('/shots/shotchoir1/camera', 'camside01')],
  ],
  [
    'shots.out-of-reach',
    'risk',
    ['plan', set('/shots/shotsolois/size', 'waist up')],
    ['plan', set('/shots/shotlecter/size', 'full figure')],
  ],
  [
    'shots.hidden',
    'stop',
    ['plan', set(device('camside01', 'place/at'), [15.6, 13.6])],
    ['plan', set('/shots/shotlecter/camera', 'camside01')],
  ],
  [
    'shots.heads-in-the-way',
    'stop',
    ['plan', set(device('camwide01', 'place'), { at: [2.2, 6], height: 1 })],
    ['plan', set(device('camwide01', 'place/height'), 1.4)],
  ],
  [
    'shots.no-film',
    'stop',
    ['plan', set(device('camnorth1', 'place/facing'), -10)],
    ['plan', set(device('camnorth1', 'place/facing'), 40)],
  ],
  [
    'shots.aimed-away',
    'risk',
    ['plan', set(device('camnorth1', 'place/facing'), 90)],
    ['plan', set(device('camnorth1', 'place/facing'), 22)],
  ],
  [
    'shots.window-too-tight',
    'risk',
    ['plan', set('/shots/windowsho1', { ...WINDOW, size: 'head and shoulders' })],
    ['plan', set('/shots/windowsho1', { ...WINDOW, size: 'whole area' })],
  ],
  [
    'shots.lens-misfit',
    'stop',
    ['plan', set(device('camnorth1', 'kind'), 'camfullfr'), set(device('camnorth1', 'lens'), 'lensfast1')],
    ['plan', set(device('camnorth1', 'lens'), 'lensfast1')],
  ],
  [
    'shots.sweep-takes-in',
    'stop',
    ['plan', set(device('camnorth1', 'worked'), 'crane'), set(device('camnorth1', 'sweep'), 3)],
    ['plan', set(device('camnorth1', 'worked'), 'crane'), set(device('camnorth1', 'sweep'), 0.8)],
  ],
  [
    'shots.sweep-takes-in',
    'risk',
    ['plan', set(device('camside01', 'worked'), 'roaming'), set(device('camside01', 'sweep'), 9)],
    ['plan', set(device('camside01', 'worked'), 'roaming'), set(device('camside01', 'sweep'), 2)],
  ],
  [
    'shots.lamp-colour',
    'note',
    ['plan', set('/label', 'As it is')],
    ['kinds', set('/kinds/lamppanel/lamp/kelvin', 3200)],
  ],
  [
    'shots.lamp-glare',
    'note',
    [
      'plan',
      set(device('lampone01', 'place/at'), [15.5, 10.2]),
      set(device('lampone01', 'place/height'), 1.6),
    ],
    [
      'plan',
      set(device('lampone01', 'place/at'), [15.5, 10.2]),
      set(device('lampone01', 'place/height'), 3.4),
    ],
  ],
  [
    'shots.lamp-unturned',
    'note',
    ['plan', remove(device('lampone01', 'lights'))],
    ['plan', set(device('lamptwo02', 'lights'), 'markchoir')],
  ],
];

holds(TABLE);
