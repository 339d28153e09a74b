// The page of the JSON interface: its examples run.
(function () {
  "use strict";

  // Examples of the interface: run as any program would, shown as they come.
  document.addEventListener("submit", async (event) => {
    const form = event.target.closest("form[data-api]");
    if (!form) return;
    event.preventDefault();
    const text = form.querySelector("textarea").value;
    const token = document.getElementById("api-token");
    const headers = token && token.value ? { Authorization: "Bearer " + token.value.trim() } : {};
    const get = form.dataset.method === "GET";
    const address = form.getAttribute("action") + (get ? "?" + text.trim().split("&").map((pair) => {
      const [name, ...value] = pair.split("=");
      return encodeURIComponent(name) + "=" + encodeURIComponent(value.join("="));
    }).join("&") : "");
    const status = form.querySelector(".api-status");
    const answer = form.querySelector(".api-answer");
    try {
      const response = await fetch(address, get
        ? { headers, credentials: "omit" }
        : { method: "POST", headers: { ...headers, "Content-Type": "application/json" }, body: text, credentials: "omit" });
      status.textContent = response.status + " " + response.statusText;
      answer.textContent = JSON.stringify(await response.json(), null, 2);
      answer.hidden = false;
    } catch (e) {
      status.textContent = "No answer: is the application still running?";
    }
  });
})();
