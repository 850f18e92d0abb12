export { changedLabels, leadLabels, printedPatch, type LeadLabel } from './labels.js';
export {
  LABEL_PAPERS,
  LABEL_SIZES,
  labelPages,
  labelPageSvg,
  labelsOnPage,
  labelSizeWords,
  type LabelMark,
  type LabelPaper,
  type LabelSize,
} from './sheet.js';
export { ITEM_LABEL_SIZES, itemLabelPages, type ItemLabel, type ItemLabelSize } from './item-labels.js';
