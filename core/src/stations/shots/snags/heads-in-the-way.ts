import { numberOf, type Rule } from '../../../foundations/index.js';
import { HEAD_CLEARANCE } from '../sight.js';
import { movesOf, namesOf, raisesOf, type ShotsSeen } from '../words.js';

/** Heads between lens and subject, seated or only once people stand. */
export const headsInTheWay: Rule<ShotsSeen> = {
  rule: 'shots.heads-in-the-way',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, shot]) => {
      const blocked = (clear: number | undefined) => clear !== undefined && clear < HEAD_CLEARANCE;
      const seated = blocked(numberOf(shot.overSeated));
      if (!seated && !blocked(numberOf(shot.overStanding))) return [];
      const { camera, shot: name } = namesOf(seen, id);
      return [
        {
          severity: seated ? 'stop' : 'risk',
          subjects: [id, shot.camera ?? ''],
          title: `Heads hide ${name} from ${camera} ${seated ? 'even while people sit' : 'when people stand'}.`,
          because: [`shots.shots.${id}.${seated ? 'overSeated' : 'overStanding'}`],
          advice: 'Stand the camera higher or before the front row, or cut away while people stand.',
        },
      ];
    }),
  *fixes(snag, seen) {
    yield* raisesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[1]);
  },
};
