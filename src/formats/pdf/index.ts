export * from './document';
