// Photographs: sent one by one with their progress; marks put on a ring by tapping the picture.
(function () {
  "use strict";
  const { cookie } = window.unbo;
  const AT_ONCE = 12;

  function line(list, file) {
    const item = document.createElement("li");
    const bar = document.createElement("progress");
    const word = document.createElement("span");
    bar.max = 1;
    bar.value = 0;
    bar.setAttribute("aria-label", file.name);
    word.textContent = file.name + ": waits";
    item.append(bar, word);
    list.append(item);
    return { bar, say: (text) => (word.textContent = file.name + ": " + text), wrong: () => word.classList.add("problem") };
  }

  function send(form, file, row) {
    return new Promise((done) => {
      const body = new FormData();
      new FormData(form).forEach((value, name) => { if (name !== "photograph") body.append(name, value); });
      body.append("photograph", file);
      const request = new XMLHttpRequest();
      request.open("POST", form.action);
      request.setRequestHeader("Accept", "application/json");
      request.setRequestHeader("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
      request.upload.onprogress = (event) => {
        if (!event.lengthComputable) return;
        row.bar.value = event.loaded / event.total;
        row.say(event.loaded === event.total ? "is being looked at" : "on its way");
      };
      request.onerror = () => { row.say("no connection, not sent"); row.wrong(); done(false); };
      request.onload = () => {
        let answer = null;
        try { answer = JSON.parse(request.responseText); } catch (e) { /* a page: signed out, or an error */ }
        const taken = request.status === 200 && answer && answer.taken === 1;
        row.bar.value = 1;
        row.say(taken ? "kept" : (answer && answer.problems && answer.problems[0]) || "not sent; sign in again, then send it");
        if (!taken) row.wrong();
        done(taken);
      };
      request.send(body);
    });
  }

  // What was refused stays in view until the next sending; the others are there already.
  async function sendAll(form) {
    const files = Array.from(form.querySelector("input[type=file]").files);
    const list = form.querySelector(".photograph-progress");
    list.replaceChildren();
    list.hidden = false;
    form.dataset.sending = "yes";
    const rows = files.map((file) => line(list, file));
    for (let i = 0; i < files.length; i += 1) {
      if (i < AT_ONCE) {
        await send(form, files[i], rows[i]);
      } else {
        rows[i].say("not sent: at most 12 at once, send it in a second go");
        rows[i].wrong();
      }
    }
    delete form.dataset.sending;
    const refused = Array.from(list.children).filter((item) => item.querySelector(".problem"));
    const shown = await fetch(location.pathname + location.search, { headers: { Accept: "text/html" } });
    const fresh = new DOMParser().parseFromString(await shown.text(), "text/html").getElementById("photographs");
    const old = document.getElementById("photographs");
    if (!fresh || !old) return;
    old.replaceWith(fresh);
    window.htmx.process(fresh);
    const after = fresh.querySelector(".photograph-progress");
    if (after && refused.length) {
      after.hidden = false;
      after.replaceChildren(...refused);
    }
  }

  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (!form.matches("[data-photographs]") || !form.querySelector("input[type=file]").files.length) return;
    event.preventDefault();
    if (!form.dataset.sending) sendAll(form);
  }, true);

  // First the centre, then the edge; a third tap begins again.
  let next = "centre";
  document.addEventListener("click", (event) => {
    const picture = event.target.closest("#ring-picture");
    if (!picture) return;
    const form = document.getElementById("ring-form");
    const spot = new DOMPoint(event.clientX, event.clientY).matrixTransform(picture.getScreenCTM().inverse());
    form.elements[next].value = Math.round(spot.x) + ", " + Math.round(spot.y);
    if (next === "centre") form.elements.edge.value = "";
    next = next === "centre" ? "edge" : "centre";
    form.elements[next === "edge" ? "centre" : "edge"].dispatchEvent(new Event("change", { bubbles: true }));
  });

  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.detail.target.id !== "ring-answer") return;
    const strip = document.querySelector(".ring-strip");
    const wait = document.querySelector("[data-ring-wait]");
    if (!strip || !wait || strip.complete) return;
    wait.hidden = false;
    strip.addEventListener("load", () => (wait.hidden = true));
  });
})();
