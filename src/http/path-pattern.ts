/** A pattern for the paths of a route, as `/sessions/[id]`. A parameter is an id, a link or a file's name: nothing escaped is one. */
export const patternOf = (route: string): RegExp =>
  new RegExp(`^${route.replaceAll('.', '\\.').replace(/\[\w+\]/g, '[\\w.-]+')}$`);
