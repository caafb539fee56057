export { readStockCsv, type StockLine, type StockNames } from './read-stock';
