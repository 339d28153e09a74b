// What a hand does at Strip and Read: draws a running path on a ring laid out, starts a timer.
(function () {
  "use strict";
  document.documentElement.classList.add("has-script");
  const MOST_POINTS = 160;
  let stroke = null;

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
    const timer = event.target.closest("[data-timer]");
    if (timer) count(timer, Date.now() + Number(timer.dataset.timer) * 60000);
  });

  // Counts on the button itself; gone with the page, as a kitchen clock would be.
  function count(button, end) {
    window.clearInterval(Number(button.dataset.counting));
    const show = () => {
      const left = Math.ceil((end - Date.now()) / 1000);
      button.textContent = left > 0 ? Math.floor(left / 60) + ":" + String(left % 60).padStart(2, "0") + " left" : "Time is up: try it";
      if (left <= 0) window.clearInterval(Number(button.dataset.counting));
    };
    button.dataset.counting = String(window.setInterval(show, 1000));
    show();
  }
})();
