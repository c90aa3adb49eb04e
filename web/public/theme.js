// Before the first paint, so that a lamp-lit page never flashes white.
{
  const chosen = localStorage.getItem('noon-theme');
  const lamp = chosen ? chosen === 'lamp' : matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.theme = lamp ? 'lamp' : 'light';
}
