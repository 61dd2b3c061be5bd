export { CARD_MM, cuttingMinutes, GAP_MM, MARGIN_MM, PAPERS, piecesPerSheet, sheetsFor } from './sheets'
