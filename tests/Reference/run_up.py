"""Starts stepped through time: the same motor, feed and load as the core, by complex numbers and SciPy's own root finding."""
import scipy.integrate
def bar(x):
    return x*(np.sinh(2*x)+np.sin(2*x))/(np.cosh(2*x)-np.cos(2*x))
class Motor:
    def __init__(self, g):
        self.g = g; self.w = 2*np.pi*g["synchronousSpeed"]/60; self.sn = g["ratedSlip"]; self.root = np.sqrt(self.sn)
    def at(self, s):
        g = self.g; beyond = max(0.0, np.sqrt(s)-self.root)
        x = g["leakageRunning"] + (g["leakageStandstill"]-g["leakageRunning"])*beyond/(1-self.root)
        if g["deepBar"] > 0:
            r = g["rotorRunning"]*bar(g["deepBar"]*np.sqrt(max(s, self.sn)))/bar(g["deepBar"]*self.root)
        else:
            r = g["rotorRunning"]+(g["rotorStandstill"]-g["rotorRunning"])*max(0.0, s-self.sn)/(1-self.sn)
        zr = r/s + 1j*x; zm = 1j*g["magnetising"]
        series = g["stator"]+1j*x+zr*zm/(zr+zm)
        z = 1/(1/series + 1/g["core"])
        v = g["volts"]/np.sqrt(3)
        i2 = v/series*zm/(zr+zm)
        return z, 3*abs(i2)**2*r/s/self.w
    def friction(self, w):
        wn = self.w*(1-self.sn)
        return self.g["friction"]/wn*(w/wn)**2
class Circuit:
    def __init__(self, c):
        self.c = c; self.m = Motor(c["machine"]); self.z = {k: complex(*c[k]) for k in ("source", "line", "lead", "series")}
    def load(self, w):
        c = self.c; wn = self.m.w*(1-self.m.sn); r = w/wn
        curve = {"constant": lambda q: 1.0, "linear": lambda q: q, "quadratic": lambda q: q*q, "constant_power": lambda q: 1/max(q, 0.2)}[c["kind"]]
        t = c["load"]*curve(r)
        if c["breakaway"] > 0 and r < 0.2:
            t = max(t, c["breakaway"] + (c["load"]*curve(0.2)-c["breakaway"])*r/0.2)
        return t
    def flow(self, w, reduced):
        s = max(1e-6, 1-w/self.m.w); zm, torque = self.m.at(s); c = self.c; e = c["volts"]/np.sqrt(3)
        star = reduced and c["method"] == "star_delta"; k = c["tap"] if reduced and c["method"] == "autotransformer" else 1.0
        winding = 3 if star else 1; leads = 2 if star else (2/3 if c["method"] == "star_delta" else 1)
        z = self.z["source"]+self.z["line"]+(winding*zm+leads*self.z["lead"])/k**2
        if reduced: z += self.z["series"]
        line = e/abs(z)
        across = line/k*winding*abs(zm)
        share = (across if star else np.sqrt(3)*across)/self.m.g["volts"]
        return line, share**2*torque
    def surplus(self, w, reduced):
        return self.flow(w, reduced)[1]-self.m.friction(w)-self.load(w)
    def soft(self, t, w):
        line, torque = self.flow(w, False); c = self.c
        u = min(1.0, c["initial"]+(1-c["initial"])*t/c["ramp"], c["limit"]/line)
        return u*u*torque-self.m.friction(w)-self.load(w)
    def meets(self, reduced, upwards):
        grid = self.m.w*(1-np.concatenate([np.linspace(1, 0.3, 60), np.geomspace(0.29, 2e-5, 500)]))
        values = np.array([self.surplus(w, reduced) for w in grid])
        signs = np.nonzero((values[:-1] > 0) & (values[1:] <= 0))[0]
        if values[0] <= 0 and upwards: return 0.0
        if len(signs) == 0: return 0.0
        i = signs[0] if upwards else signs[-1]
        return scipy.optimize.brentq(lambda w: self.surplus(w, reduced), grid[i], grid[i+1], xtol=1e-10)
    def until(self, start, target, f):
        hit = lambda t, y: y[0]-target
        hit.terminal = True; hit.direction = 1
        run = scipy.integrate.solve_ivp(lambda t, y: [f(t, y[0])/self.c["inertia"]], (0, 2000), [start], events=hit, rtol=self.c.get("rtol", 1e-7), atol=1e-9, max_step=self.c["step"])
        return float(run.t_events[0][0]) if len(run.t_events[0]) else None
    def run(self):
        c = self.c; steady = self.meets(False, False)
        up = 0.98*steady
        if c["method"] == "soft_starter":
            hold = lambda t, w: max(0.0, self.soft(t, w)) if w <= 0 else self.soft(t, w)
            return [steady, None, self.until(0.0, up, hold)]
        if not c["two"]:
            return [steady, None, self.until(0.0, up, lambda t, w: self.surplus(w, False))]
        reduced = self.meets(True, True)
        first = self.until(0.0, 0.97*reduced, lambda t, w: self.surplus(w, True))
        w = 0.97*reduced
        if c["gap"] > 0:
            w = scipy.integrate.solve_ivp(lambda t, y: [-(self.m.friction(y[0])+self.load(y[0]))/c["inertia"]], (0, c["gap"]), [w], rtol=1e-10).y[0][-1]
        rest = 0.0 if w >= up else self.until(w, up, lambda t, v: self.surplus(v, False))
        return [steady, reduced, first+c["gap"]+rest]
answer = {"runs": [Circuit(c).run() for c in given]}
