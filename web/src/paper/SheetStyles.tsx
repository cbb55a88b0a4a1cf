import GlobalStyles from '@mui/material/GlobalStyles';
import type { Theme } from '@mui/material/styles';
import { memo } from 'react';

/** The class of all drawings on squared paper. */
export const SHEET = 'sheet';

/**
 * The styles of all marks, from the theme. They stand on the page once, so that no step of a working
 * makes them again.
 */
export const SheetStyles = memo(function SheetStyles() {
  return <GlobalStyles styles={styles} />;
});

const styles = ({ palette, typography }: Theme) => ({
  [`.${SHEET}`]: {
    display: 'block',
    fontFamily: typography.fontFamily,
    fill: palette.ink.text,
    '& text': { dominantBaseline: 'central', textAnchor: 'middle' },
    '& .figure': { fontSize: 32 },
    '& .figure.ANSWER': { fontWeight: 700 },
    '& .small': { fontSize: 20, fontWeight: 700, fill: palette.ink.small },
    '& .words': { fontSize: 19, fontWeight: 700, fill: palette.ink.right },
    '& .FROM_LEFT': { textAnchor: 'start' },
    '& .TO_RIGHT': { textAnchor: 'end' },
    '& .words.HEAD': { fontSize: 19, fill: palette.ink.quiet },
    '& .small.PARTIAL, & .small.PRODUCT, & .small.STOP, & .small.MULTIPLE, & .small.REMAINDER': {
      fill: palette.ink.text,
      fontWeight: 400,
    },
    '& .words.NOTE': { fontWeight: 400 },
    '& .figure.THOUSANDS': { fontSize: 26, fill: palette.ink.quiet },
    '& .figure.PLACEHOLDER, & .figure.PADDING': { fill: palette.ink.quiet },
    '& .figure.QUOTIENT, & .figure.ROOT': { fontWeight: 700 },
    '& .figure.TRY, & .figure.LEAD': { fill: palette.ink.small },
    '& .ring': { stroke: palette.ink.small, strokeWidth: 2, fill: 'none' },
    '& .link': { stroke: palette.ink.nowEdge, strokeWidth: 2.5 },
    '& .arrow, & .hop': { stroke: palette.ink.small, strokeWidth: 2, fill: 'none' },
    '& .counter': { fill: palette.ink.right, stroke: palette.ink.action, strokeWidth: 1.5 },
    '& .counter path': { fill: 'none', stroke: palette.ink.page, strokeWidth: 1 },
    '& .counter.open': { fill: palette.ink.page, strokeWidth: 3 },
    '& .counter.struck': { opacity: 0.45 },
    '& .rule': { stroke: palette.ink.text, strokeWidth: 2.5, strokeLinecap: 'round' },
    '& .strike': { stroke: palette.ink.small, strokeWidth: 2.5, strokeLinecap: 'round' },
    '& .box': {
      fill: 'none',
      stroke: palette.ink.edge,
      strokeWidth: 1.25,
      strokeDasharray: '4 3.5',
    },
    '& .edge': { stroke: palette.ink.edge, strokeWidth: 5, strokeDasharray: '9 9' },
    '& .fresh-square': { fill: palette.ink.nowStrong },
    '& .wash': { fill: palette.ink.now },
    '& .grid': { stroke: palette.ink.square, strokeWidth: 1.25, fill: 'none' },
    '& .right': { stroke: palette.ink.right, strokeWidth: 3.5 },
    '& .follows': {
      stroke: palette.ink.slip,
      strokeWidth: 3.5,
      strokeLinecap: 'round',
      strokeDasharray: '0.1 6.5',
    },
    '& .slip': { stroke: palette.ink.slip, strokeWidth: 3.5, fill: 'none', strokeLinecap: 'round' },
    '& .slip.later': { strokeWidth: 2 },
    '& .stray': {
      stroke: palette.ink.slip,
      strokeWidth: 1.5,
      fill: 'none',
      strokeDasharray: '2 4',
    },
    '& .letters rect': {
      fill: 'none',
      stroke: palette.ink.nowEdge,
      strokeWidth: 1.5,
      strokeDasharray: '4 3.5',
    },
    '& .letters text': {
      textAnchor: 'start',
      fontSize: 14,
      fontWeight: 700,
      fill: palette.ink.small,
    },
    '& .letters .count': { textAnchor: 'end', fontSize: 15, fill: palette.ink.right },
    '& .missing': {
      stroke: palette.ink.slip,
      strokeWidth: 2,
      fill: 'none',
      strokeDasharray: '5 4',
    },
    '& .hinted': { stroke: palette.ink.nowEdge, strokeWidth: 2.5, fill: palette.ink.now },
    '& .cursor': { fill: 'none', stroke: palette.ink.nowEdge, strokeWidth: 3 },
    '& .pointer': { fill: 'none', stroke: palette.ink.nowEdge, strokeWidth: 4 },
    // Where the system sets the colours, figures and lines keep to its own.
    '@media (forced-colors: active)': {
      forcedColorAdjust: 'none',
      fill: 'CanvasText',
      '& text, & text[class][class]': { fill: 'CanvasText' },
      '& .grid, & .box': { stroke: 'GrayText' },
      '& .wash, & .fresh-square': { fill: 'Canvas', stroke: 'Highlight', strokeWidth: 2 },
      '& line, & path:not(.grid), & .ring': { stroke: 'CanvasText' },
      '& .cursor, & .pointer, & .hinted': { stroke: 'Highlight', fill: 'none', strokeWidth: 5 },
      '& .missing, & .stray': { stroke: 'CanvasText' },
      '& .counter': { fill: 'CanvasText', stroke: 'Canvas' },
      '& .counter.open': { fill: 'Canvas', stroke: 'CanvasText' },
    },
  },
});
