export {
  assemblyDifferences,
  assemblyFrom,
  insertAssemblyPatch,
  insideOf,
  markedAs,
  saveAssemblyPatch,
  updateAssemblyPatch,
  type AssemblyDifference,
} from './assembly.js';
