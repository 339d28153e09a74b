// The gauge: readings into fields, and the panel of the simulated one.
(function () {
  "use strict";
  const { cookie } = window.unbo;

  // Gauge: while it is switched on, readings come in as events and go into the field last touched by F8 or the
  // button. The browser itself comes back after a lost line and asks for what it missed.
  let gaugeStream = null;
  let gaugeLast = null;
  let gaugeField = null;

  function gaugeOn() {
    return localStorage.getItem("gauge") === "on";
  }

  function gaugeStrip() {
    let strip = document.getElementById("gauge-strip");
    if (!strip) {
      strip = document.createElement("div");
      strip.id = "gauge-strip";
      strip.setAttribute("role", "status");
      strip.innerHTML = "<span class=\"gauge-state\"></span> <b class=\"figure gauge-text\" translate=\"no\"></b>";
      const take = document.createElement("button");
      take.type = "button";
      take.className = "do";
      take.textContent = "Use reading (F8)";
      take.addEventListener("mousedown", (event) => event.preventDefault());
      take.addEventListener("click", takeReading);
      strip.append(take);
      document.body.append(strip);
    }
    return strip;
  }

  function gaugeSay(state) {
    const strip = gaugeStrip();
    strip.querySelector(".gauge-state").textContent = state;
    strip.querySelector(".gauge-text").textContent = gaugeLast ? gaugeLast.text + " " + gaugeLast.unit : "– – –";
  }

  // A list of readings grows; a field for one reading is written anew.
  function takesSeveral(field) {
    return field.tagName === "TEXTAREA" || /^(before|after)-(?!.*-second$)|-readings$/.test(field.name);
  }

  function takeReading() {
    const field = gaugeField && document.contains(gaugeField) ? gaugeField : null;
    if (!gaugeLast) return gaugeSay("no reading yet");
    if (!field) return gaugeSay("choose a field first");
    const many = takesSeveral(field) && field.value.trim() !== "";
    field.value = many ? field.value.trim() + " " + gaugeLast.text : gaugeLast.text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
    field.dispatchEvent(new Event("change", { bubbles: true }));
    gaugeSay(gaugeLast.gauge + ", used");
  }

  function gaugeSwitch() {
    const label = document.querySelector("[data-gauge-switch]");
    if (label) label.firstChild.textContent = gaugeOn() ? "Switch the gauge off" : "Switch the gauge on";
    if (gaugeOn() && !gaugeStream && label) {
      gaugeStream = new EventSource("/gauge/stream");
      gaugeStream.addEventListener("open", () => gaugeSay("gauge on"));
      gaugeStream.addEventListener("error", () => gaugeSay("gauge disconnected; your entry is still here"));
      gaugeStream.addEventListener("reading", (event) => {
        const [gauge, text, unit] = event.data.split("|");
        gaugeLast = { gauge, text, unit };
        gaugeSay(gauge);
      });
      gaugeSay("gauge: waiting");
    } else if (!gaugeOn() && gaugeStream) {
      gaugeStream.close();
      gaugeStream = null;
      gaugeStrip().remove();
    }
  }

  document.addEventListener("focusin", (event) => {
    if (event.target.matches("input[type=text], textarea")) gaugeField = event.target;
  });
  document.addEventListener("keydown", (event) => {
    if (event.key === "F8" && gaugeStream) {
      event.preventDefault();
      takeReading();
    }
  });
  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-gauge-switch]")) {
      localStorage.setItem("gauge", gaugeOn() ? "off" : "on");
      gaugeSwitch();
    }
  });
  document.addEventListener("DOMContentLoaded", gaugeSwitch);
  window.addEventListener("pagehide", () => gaugeStream && gaugeStream.close());

  // The panel of the simulated gauge: sends without leaving the page, again and again if wanted.
  async function panelSends(form) {
    const display = form.querySelector("[data-gauge-display]");
    try {
      const answer = await fetch(form.getAttribute("action"), {
        method: "POST", headers: { "X-XSRF-TOKEN": cookie("XSRF-TOKEN") }, body: new URLSearchParams(new FormData(form)) });
      display.textContent = await answer.text();
    } catch (e) {
      display.textContent = "no connection";
    }
  }
  document.addEventListener("submit", (event) => {
    const form = event.target.closest("form[data-gauge-panel]");
    if (!form) return;
    event.preventDefault();
    panelSends(form);
  });
  window.setInterval(() => {
    const run = document.querySelector("[data-gauge-run]");
    if (run && run.checked) panelSends(run.closest("form"));
  }, 400);
})();
