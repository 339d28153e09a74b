// What a hand does at Strip and Read: draws a running path on a ring laid out, starts a timer.
(function () {
  "use strict";
  document.documentElement.classList.add("has-script");
  const MOST_POINTS = 160;
  let stroke = null;

  // A step slides off once by itself and again on request; never where somebody asked for no motion.
  const still = window.matchMedia("(prefers-reduced-motion: reduce)");

  function rest() {
    if (still.matches) document.querySelectorAll(".strip-picture").forEach((svg) => svg.setCurrentTime(60));
  }

  // A press on a curve puts its abscissa into a field: no nearer than a finger points.
  document.addEventListener("click", (event) => {
    const svg = event.target.closest("svg[data-picks]");
    const field = svg && document.getElementById(svg.dataset.picks);
    if (!field) return;
    const [left, right] = svg.dataset.picksPlot.split(" ").map(Number);
    const [from, to] = svg.dataset.picksRange.split(" ").map(Number);
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const share = Math.min(1, Math.max(0, (point.x - left) / (right - left)));
    field.value = (from + share * (to - from)).toFixed(2);
    field.dispatchEvent(new Event("input", { bubbles: true }));
  });

  document.addEventListener("click", (event) => {
    if (!event.target.closest("[data-slide]")) return;
    document.querySelectorAll(".strip-picture").forEach((svg) => svg.setCurrentTime(0));
  });
  document.addEventListener("DOMContentLoaded", rest);
  document.addEventListener("htmx:afterSettle", rest);

  function spot(svg, event) {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const within = (value, most) => Math.max(0, Math.min(most, value)).toFixed(1);
    return within(at.x, 300) + "," + within(at.y, 64);
  }

  document.addEventListener("pointerdown", (event) => {
    const svg = event.target.closest("[data-draws]");
    if (!svg || svg.closest("fieldset:disabled")) return;
    event.preventDefault();
    const line = document.createElementNS("http://www.w3.org/2000/svg", "polyline");
    line.setAttribute("class", "path-stroke");
    svg.append(line);
    stroke = { svg, line, points: [spot(svg, event)] };
  });

  document.addEventListener("pointermove", (event) => {
    if (!stroke || stroke.points.length >= MOST_POINTS) return;
    const at = spot(stroke.svg, event);
    const [x, y] = stroke.points[stroke.points.length - 1].split(",").map(Number);
    const [nx, ny] = at.split(",").map(Number);
    if (Math.hypot(nx - x, ny - y) < 3) return;
    stroke.points.push(at);
    stroke.line.setAttribute("points", stroke.points.join(" "));
  });

  document.addEventListener("pointerup", () => {
    if (!stroke) return;
    const field = document.getElementById(stroke.svg.dataset.draws);
    field.value = (field.value ? field.value + ";" : "") + stroke.points.join(" ");
    const picked = document.getElementById(stroke.svg.dataset.draws.replace("-drawn", ""));
    picked.value = "";
    stroke = null;
    picked.dispatchEvent(new Event("change", { bubbles: true }));
  });

  document.addEventListener("click", (event) => {
    const clear = event.target.closest("[data-clears]");
    if (clear) {
      document.getElementById(clear.dataset.clears).value = "";
      document.querySelectorAll("[data-draws='" + clear.dataset.clears + "'] .path-stroke").forEach((line) => line.remove());
      document.getElementById(clear.dataset.clears.replace("-drawn", "")).dispatchEvent(new Event("change", { bubbles: true }));
    }
    const timer = event.target.closest("[data-timer], [data-timer-seconds]");
    if (timer) start(timer);
  });

  // Its end is kept, so that a reload or an unlocked phone shows the true remainder.
  function key(button) {
    return "timer " + location.pathname + " " + (button.dataset.timer || "") + (button.dataset.timerSeconds || "");
  }

  function start(button) {
    const seconds = button.dataset.timerSeconds ? Number(button.dataset.timerSeconds) : 60 * Number(button.dataset.timer);
    const end = Date.now() + 1000 * seconds;
    localStorage.setItem(key(button), String(end));
    if (navigator.wakeLock) navigator.wakeLock.request("screen").catch(() => {});
    count(button, end);
  }

  function count(button, end) {
    window.clearInterval(Number(button.dataset.counting));
    let told = Date.now() > end;
    const show = () => {
      const left = Math.ceil((end - Date.now()) / 1000);
      const clock = (s) => Math.floor(s / 60) + ":" + String(s % 60).padStart(2, "0");
      button.textContent = left > 0 ? clock(left) + " left" : "over by " + clock(-left);
      if (left <= 0 && !told) {
        told = true;
        beep();
      }
      if (left < -3600) {
        window.clearInterval(Number(button.dataset.counting));
        localStorage.removeItem(key(button));
      }
    };
    button.dataset.counting = String(window.setInterval(show, 1000));
    show();
  }

  function beep() {
    if (document.hidden || !window.AudioContext) return;
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    tone.frequency.value = 880;
    tone.connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.6);
  }

  function resume() {
    document.querySelectorAll("[data-timer], [data-timer-seconds]").forEach((button) => {
      const end = Number(localStorage.getItem(key(button)));
      if (end && !button.dataset.counting && Date.now() - end < 3600000) count(button, end);
    });
  }

  document.addEventListener("DOMContentLoaded", resume);
  document.addEventListener("htmx:afterSwap", resume);
})();
