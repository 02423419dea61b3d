import { useEffect, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { type AroundNavHandler, Route, Router, Switch, useLocation } from 'wouter';
import { ADDRESSES, load, type Place, ready } from './addresses';
import { Lost } from './shell/Lost';
import { Shell } from './shell/Shell';

/** One is where one goes to once what stands there is loaded: the place before stays until then. */
const go: AroundNavHandler = (navigate, to, options) => {
  const wait = ready(to);
  return wait ? wait.then(() => navigate(to, options)) : navigate(to, options);
};

/** The bench with the place that is asked for. */
export function Places() {
  return (
    <Router aroundNav={go}>
      <ErrorBoundary fallback={<Lost failed />}>
        <Shell>
          <Here />
        </Shell>
      </ErrorBoundary>
    </Router>
  );
}

/** A place that fails takes nothing with it: the bench round it stays. */
function Here() {
  const [path] = useLocation();
  return (
    <ErrorBoundary fallback={<Lost failed />} resetKeys={[path]}>
      <Switch>
        {ADDRESSES.map((place) => (
          <Route key={place.path} path={place.path}>
            <Shown place={place} />
          </Route>
        ))}
        <Route>
          <Lost />
        </Route>
      </Switch>
    </ErrorBoundary>
  );
}

/** By the browser's own way back one may come to a place that has still to be loaded. */
function Shown({ place }: { place: Place }) {
  const [failed, setFailed] = useState(false);
  const [, setLoaded] = useState(false);
  useEffect(() => {
    if (place.Component) return;
    load(place).then(
      () => setLoaded(true),
      () => setFailed(true),
    );
  }, [place]);
  if (failed) return <Lost failed />;
  return place.Component ? <place.Component /> : <p aria-busy="true">Opening …</p>;
}
