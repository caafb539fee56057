export { readStockCsv, type StockLine, type StockNames, type StockRead } from './read-stock';
