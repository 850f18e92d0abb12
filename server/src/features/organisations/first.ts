/** The first organisation of an empty database. */
import { newId } from '@idle-satchel/core';
import { libraryKinds, usualRules } from '@idle-satchel/core/kits';
import type { Sequelize } from 'sequelize';
import { alone } from '../../database/migrations.js';
import { Organisation } from '../../database/models.js';
import { Scope } from '../../database/scope.js';
import { createDocument } from '../documents/service.js';

/** Longest name of an organisation. */
const LONGEST = 80;

/** Makes an organisation by its name where there is none at all; it begins with the usual rules and the kinds of the library. */
export function makeFirst(sequelize: Sequelize, name: string): Promise<void> {
  const organisation = name.trim().slice(0, LONGEST);
  return sequelize.transaction(async transaction => {
    await alone(sequelize, transaction);
    if (organisation === '' || (await Organisation.count({ transaction })) > 0) return;
    const scope = new Scope(sequelize, newId(), transaction);
    await scope.createOrganisation(organisation);
    await createDocument(scope, newId(), 'rules', usualRules(organisation));
    await createDocument(scope, newId(), 'kinds', { version: 1, kinds: libraryKinds });
  });
}
