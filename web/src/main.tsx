document.getElementById("root")!.textContent = "Toroid";
