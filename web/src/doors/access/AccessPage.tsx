import { Link } from 'wouter';
import { useMay, useMe } from '../../ui/me.js';
import { Door } from '../door.js';
import { AuditTrail } from './AuditTrail.js';
import { GuestLinks } from './GuestLinks.js';
import { Invitations } from './Invitations.js';
import { Members } from './Members.js';

/** Who may come in, and as what; and what was done. */
export function AccessPage() {
  const owns = useMay('read', 'accounts');
  const demo = useMe()?.demo === true;
  return (
    <Door
      title="Who comes in"
      actions={
        <Link className="link" to="/people">
          Back to the people
        </Link>
      }
    >
      {demo && (
        <p className="text-faint mb-3">
          This is a demo, which everybody owns. Invitations and links can be tried in a private window.
        </p>
      )}
      <div className="grid gap-7">
        {owns && <Members />}
        {owns && <Invitations />}
        <GuestLinks />
        {owns && <AuditTrail />}
      </div>
    </Door>
  );
}
