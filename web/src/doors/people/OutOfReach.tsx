/** Where a name stays that was erased here. */
export const OutOfReach = () => (
  <p className="text-faint">
    Out of reach are backups, files and sheets that were saved or printed, photos, and devices that have not
    opened the event since: delete those by hand.
  </p>
);
