declare module 'jstat' {
  interface JStat {
    beta: { inv(p: number, alpha: number, beta: number): number };
  }
  const jstat: { readonly jStat: JStat };
  export default jstat;
}
