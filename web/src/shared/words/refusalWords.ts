/** Refusals as sentences with the way out, in the maker's own unit. A code without words here does not compile. */
import type { RefusalCode } from "../../api/types";
import { rangeWords } from "./rangeWords";
import type { Said } from "./said";
import { WORK_REFUSALS } from "./workRefusals";
import { STOCK_REFUSALS } from "./stockRefusals";

type Sentence = (said: Said) => string;

const LINE_ROLES: Record<string, string> = {
  wire: "wire",
  mandrel: "rod",
  inner: "inside",
  outer: "outside",
  count: "number of rings",
  copies: "number of copies",
  turns: "number of turns",
  from: "wire there is",
  "ring-size": "ring's size",
  "sheet-size": "size of the sheet",
  "patch-length": "length of the weave",
};

const role = (said: Said) => LINE_ROLES[said.text("role")] ?? said.text("role");
const leaveOut = (said: Said) => `Leave "${said.value}" out.`;
const mend = "Mend it in the file.";

export const REFUSALS: Record<RefusalCode, Sentence> = {
  ...STOCK_REFUSALS,
  ...WORK_REFUSALS,
  "out-of-range": rangeWords,
  "not-a-number": rangeWords,
  missing: (said) => `${said.what()} is missing. Give it.`,
  "unreadable-value": (said) => `${said.what()} cannot be read. Check it.`,
  "unknown-field": (said) => `There is no field "${said.field}" here. Check its spelling.`,
  "said-twice": (said) => `"${said.field}" is said twice. Say it once.`,
  unreadable: () => "What was sent cannot be read. Try again.",
  "body-too-large": (said) =>
    `What was sent is larger than the ${said.number("mostKb", 0)} kB taken here. Send less at once.`,
  "request-not-taken": (said) => `The server does not take this (${said.number("status", 0)}).`,
  "unknown-host": () => "This name is not known here. Use 127.0.0.1, or allow the name with TOROID_HOSTS.",
  "other-origin": () => "This came from a page of another place. Use the page this workshop serves.",
  "not-kept": () => "It is not kept here any more.",
  "changed-elsewhere": () =>
    "This was changed elsewhere since it was opened here. Choose which of the two to keep.",
  "changed-meanwhile": () => "This was being changed in the same moment. Try again.",
  "database-away": () =>
    "The database is not there, or has no room. What you typed is held here and sent once it is back.",
  "disk-full": () => "The disk is full: make room, and what you typed, held here, is sent by itself.",
  busy: () => "Much is being worked out already. Try again in a moment.",
  "called-off": () => "This was called off before it was worked out. Ask again.",
  fault: () => "The server failed at this. Nothing was changed; ./toroid logs says more.",
  "cannot-be-worked-out": () => "This one cannot be worked out. ./toroid logs says why.",
  "takes-longer-than-a-list": () => "Working this one out takes longer than a list waits for. Open it.",
  "no-such-effort": () => "Nothing is being worked out under that number. Ask again.",
  "too-long": (said) =>
    `This took longer than ${said.number("minutes", 0)} minutes and was stopped. Make it smaller, or in parts.`,
  "too-large": () => "This is more than there is memory for. Make it smaller, or in parts.",
  "wrong-password": () =>
    "That is not the workshop's password. Try again, or set a new one with ./toroid passwd.",
  "too-many-tries": () => "Too many wrong passwords. Wait five minutes.",

  // words and names
  "bad-name": (said) => `A name has 1 to ${said.number("most", 0)} characters. Give it a short name.`,
  "note-too-long": (said) => `A note has at most ${said.number("most", 0)} characters. Shorten it.`,
  "bad-character": (said) => `${said.what()} holds a character that cannot be kept. Type it again.`,
  "bad-moment": () => "That moment is not within 1970 and 2199. Set the clock of this device.",
  "bad-colour": () => "A colour is a metal's name or #rrggbb. Choose one.",
  "bad-painted": () =>
    "A painted ring is told by four numbers: ring, cell along, cell across, colour. Give four.",
  "bad-parameter": () => "A parameter is a number, a short word or the rows of an outline. Leave it out.",
  "bad-wire-name": (said) => `A wire's name has 1 to ${said.number("most", 0)} letters. Leave it out.`,

  // pieces
  "piece-without-parts": () => "A piece has at least one part. Name one.",
  "unreadable-piece": (said) =>
    said.value
      ? `The line stops at "${said.value}". Parts stand between dashes: ring 1/4 - bead-link bead=6.`
      : "The line ends too early. Parts stand between dashes: ring 1/4 - bead-link bead=6.",
  "no-rings-to-cut": () => "There are no jump rings in this piece. Put one in, or cut its forms in Shapes.",
  "piece-cannot-be-joined": () =>
    "One of its joints cannot be made, or something does not go in. Open the piece: it says which, and what would help.",
  "not-in-one-row": () => "The two are not in one row. Choose parts that hang in each other.",
  "bead-on-soldered": () =>
    "A bead goes on before a ring is closed, and does not stand the torch. Leave the ring unsoldered, or the bead out.",
  "not-in-a-line": (said) => `${said.what()} cannot be written in a line. Leave it as it usually is.`,
  "part-cannot-be-made": (said) =>
    `The ${said.text("form")} cannot be made with these sizes. Open it in Shapes: it says why.`,
  "part-hangs-from-nothing": (said) =>
    `The ${said.text("form")} has no loop to hang in a piece. Take a form with one.`,
  "part-is-several": (said) =>
    `The ${said.text("form")} is two parts that come apart. Put one half at either end: toggle:ring, toggle:bar.`,
  "part-ends-a-row": (said) =>
    `The ${said.text("form")} has one loop only, so nothing hangs after it. Put it at an end.`,

  // sizes as written
  "unreadable-length": (said) =>
    `${said.value ? `"${said.value}"` : "That"} is not a length I can read. Try 1.2, 1.2mm, 18awg, 18swg, 1/4in or 0.048in.`,
  "fraction-over-zero": () => "A fraction cannot have 0 below the line. Try 1/4in.",
  "inches-or-tenths": (said) =>
    `"${said.value}" may be inches or tenths of a millimetre. Say which: 0.8 mm, or 0.8 in.`,
  "given-twice": (said) => `"${said.value}" is there twice. Give each a name of its own.`,
  "gauge-or-drill": (said) =>
    `"${said.value}" may be a gauge or a drill. Say which: ${said.text("number")} awg, ${said.text("number")} swg, or #${said.text("number")} drill.`,
  "unknown-drill": (said) => `No letter drill is called ${said.value}. Use A to Z.`,
  "unknown-needle": (said) =>
    `No US needle size is called ${said.value}. Use 0 to 15 (with 1.5, 2.5, 10.5), or the needle's millimetres.`,

  // the bench line
  "line-empty": () => "There is nothing to work out yet. Try 1.0 on 4.5, or 300 rings 0.9 id 3.5.",
  "line-unreadable": (said) =>
    `I do not know what "${said.value}" means here. Say sizes with on, id, od or ar: 1.0 on 4.5, od 9 18ga, 300 rings 0.9 id 3.5.`,
  "line-unreadable-for-a-form": (said) =>
    `I do not know what "${said.value}" means for a ${said.text("form")}. It knows ${said.list("known")}.`,
  "line-unreadable-for-a-sheet": (said) =>
    `I do not know what "${said.value}" means for ${said.text("weave")}. Say rows and columns, wire and rings: 10x12 1.0 id 4.`,
  "line-unreadable-for-a-weave": (said) =>
    `I do not know what "${said.value}" means for ${said.text("weave")}. Say a length, wire and rings: 190 0.9 id 3.4.`,
  "line-twice": (said) =>
    `The ${role(said)} is said twice: "${said.value}" is the second. Leave one out, or say what it is: on, id, od.`,
  "line-two-wires": () => "Two sizes could both be the wire. Say which is which with on, id or od.",
  "line-which-is-the-wire": () =>
    "Two sizes could both be the wire, or they are changed about. Say which is which with on, id or od.",
  "line-one-size-more": (said) =>
    `Wire and ring are said already; "${said.value}" is one size more. Say what it is with on, id or od, or leave it out.`,
  "line-hardly-a-hole": (said) =>
    `Wire of ${said.text("wire")} for a ring ${said.text("role") === "mandrel" ? `on a rod of ${said.text("ring")}` : `of ${said.text("ring")} ${role(said)}`} has hardly a hole. Check both, or say which is which with on, id, od.`,
  "line-hardly-a-hole-changed-about": (said) =>
    `Wire of ${said.text("wire")} for a ring of ${said.text("ring")} has hardly a hole. Are the two changed about?`,
  "line-ratio-hardly-a-hole": (said) =>
    `An aspect ratio of ${said.number("ratio")} has hardly a hole. Check it.`,
  "line-wants-a-size": (said) => `After "${said.value}" comes a size. For instance ${said.text("example")}.`,
  "line-wants-a-number": (said) =>
    `After "${said.value}" comes a number. For instance ${said.text("example")}.`,
  "line-wants-how-many": (said) =>
    `After "${said.value}" comes how many. For instance ${said.text("example")}.`,
  "line-wants-the-inside": (said) =>
    `After "${said.value}" comes the inside. For instance ${said.text("example")}.`,
  "line-wants-a-length-or-a-weight": (said) =>
    `After "${said.value}" comes a length or a weight. For instance ${said.text("example")}.`,
  "line-wire-alone": () =>
    "The wire alone does not make a ring. Add on, id, od or ar: 1.0 on 4.5, od 9 18ga.",

  // metal and wire
  "unknown-metal": (said) => `No metal is kept under "${said.value}". Use one of ${said.list("known")}.`,
  "unknown-temper": (said) =>
    `No temper is called "${said.value}". Use dead soft, half hard, hard or spring.`,
  "temper-not-kept": (said) =>
    `No yield strength is kept for ${said.text("metal")} in ${said.temper(said.value)}. Choose one of ${said.tempers("known")}.`,
  "too-springy": (said) =>
    `This wire only flexes round a ${said.mm("rodMm")} rod and springs back straight. Take a rod below ${said.mm("rodBelowMm", 1)}, a thicker wire, or anneal it.`,
  "hardly-takes-a-set": (said) =>
    `Wound on ${said.mm("rodMm")} this wire hardly takes a set: it springs open to ${said.mm("sprungMm", 0)}. Take a rod below ${said.mm("rodBelowMm", 1)}, a thicker wire, or anneal it.`,
  "mandrel-too-small": (said) =>
    `No rod of ${said.mm("smallestRodMm", 1)} or more gives an inner diameter of ${said.mm("insideMm")} in this wire. Choose a larger ring, or a softer or thinner wire.`,
  "mandrel-too-large": (said) =>
    `It would take a rod of more than ${said.mm("largestRodMm", 0)}. Choose a smaller ring.`,
  "no-such-spool": () => "That spool is not in stock. Choose another.",
  "spool-is-other-wire": (said) =>
    `The ${said.value} is ${said.mm("wireMm")} ${said.text("metal")}; ${said.text("spool")} is ${said.mm("spoolWireMm")} ${said.text("spoolMetal")}. Choose another spool for it, or none.`,
  "unknown-cut": (said) => `No way of cutting is called "${said.value}". Use saw, flush or none.`,

  // rings
  "one-size-alone": () =>
    "One size alone does not fix a ring. Give two of: wire diameter, inner diameter, outer diameter, aspect ratio, mandrel.",
  "mandrel-and-inside-alone": () =>
    "Mandrel and inner diameter do not say how thick the wire is. Give two of: wire diameter, inner diameter, outer diameter, aspect ratio, mandrel.",
  "no-such-wire": (said) =>
    `No wire from ${said.mm("thinnestMm")} to ${said.mm("thickestMm", 0)} gives that ring on a ${said.mm("rodMm")} rod. Check the rod and the ring, or give the wire.`,
  contradiction: (said) =>
    `The sizes given disagree: ${said.field === "aspectRatio" ? "the inner diameter" : said.what().toLowerCase()} would be ${said.mm("foundMm", 3)} by the others, not ${said.mm("givenMm", 3)}. Leave one of them out.`,

  // forms
  "unknown-exercise": (said) => `There is no exercise called "${said.value}".`,
  "unknown-criterion": (said) => `This exercise does not measure "${said.value}".`,
  "unknown-form": (said) => `No form is kept under "${said.value}". The catalogue lists them.`,
  "unknown-parameter": (said) =>
    `A ${said.text("form")} has no "${said.field}". It has ${said.list("known")}.`,
  "unknown-choice": (said) =>
    `"${said.value}" is no choice for ${said.text("parameter")}. ${said.has("choices") ? `Use one of ${said.list("choices")}` : "Give a number"}.`,
  "form-without-length": (said) =>
    `The ${said.text("form")} has no length: nothing is fed and nothing bent. Give a row a feed, or a bend with a radius.`,
  "outline-rows": (said) => `An outline has 1 to ${said.number("most", 0)} rows. Add a row.`,
  "outline-row-is-none": () => "A row of the outline is no row. Take it away.",
  "outline-row-no-number": (said) => `A row's ${said.field} is no number. Give a number.`,
  "crosses-too-often": (said) =>
    `It crosses itself more than ${said.number("most", 0)} times. Make it in parts.`,
  "stack-kinds": (said) => `A row has 1 to ${said.number("most", 0)} kinds of thing. Thread one.`,
  "stack-item-is-none": () => "One thing of the row is none. Take it out.",
  "stack-kind": () => "A row has beads, spacers, caps and coils. Take it out, or give one of those.",
  "stack-no-number": (said) => `The ${said.field} of a thing in the row is no number. Give a number.`,
  "too-many-coils": (said) =>
    `A row has ${said.number("most", 0)} coils at most; this one has ${said.value}. Make it in parts, or wind longer coils.`,
  "lashed-over-round-beads": (said) =>
    `Small beads are lashed in arcs over round beads of ${said.mm("leastMm", 0)} and more. Take a bead as long as it is wide.`,
  "carried-round-beads": (said) =>
    `Tails are carried round round beads of ${said.mm("leastMm", 0)} and more. Take a bead as long as it is wide.`,
  "carried-round-long-beads": (said) =>
    `A wire is carried round beads, as long as they are wide or longer. Take the ${said.value} out, or a longer bead.`,
  "row-longer-than-bow": (said) =>
    `So many beads go further round than the bow: ${said.number("takesDegrees", 0)}° of ${said.number("hasDegrees", 0)}°. Take some out, or a longer bow.`,
  "bow-carries-none-such": (said) => `A bow carries beads and spacers, no ${said.value}s. Take it out.`,
  "beads-too-large-for-bow": (said) =>
    `Beads of ${said.mm("beadMm", 1)} do not lie side by side on so small a bow. Take smaller beads, or a larger bow.`,
  "first-wing-too-short": (said) =>
    `The first wing's edge of ${said.mm("edgeMm", 1)} has no room for its bends. Make it longer, or its tip smaller.`,
  "second-wing-too-short": (said) =>
    `The second wing's edge of ${said.mm("edgeMm", 1)} has no room for its bends. Make it longer, or let it droop less.`,
  "first-tip-too-wide": () =>
    "The tip of the first wing is wider than the wing. Take a smaller tip, or a longer edge.",
  "second-tip-too-wide": () =>
    "The tip of the second wing is wider than the wing. Take a smaller tip, or a longer edge.",
  "bad-wire-metal": () =>
    'Which wire is of which metal is told as "binding wire=fine-silver". Name the wire and its metal.',
  "wire-of-own-metal": (said) =>
    `The ${said.value} is of the form's own metal. Choose the metal of the form itself.`,
  "no-wire-of-that-name": (said) => `There is no wire called "${said.value}" in it. Leave it out.`,
  "also-undone": () => "Annealing and hardening undo each other. Take one of them.",
  "also-hard-already": (said) => `Spring wire is as hard as it gets. ${leaveOut(said)}`,
  "also-no-temper": (said) =>
    `Of ${said.text("metal")} nothing is known ${said.temper(said.text("temper"))}. ${leaveOut(said)}`,
  "unknown-also": (said) =>
    `"${said.value}" is no step that any form may have. Use some of ${said.list("known")}.`,
  "not-annealed": (said) =>
    `${said.text("metal")} is not annealed by its colour at an open flame: buy it soft. ${leaveOut(said)}`,
  "not-soldered": (said) =>
    `${said.text("metal")} is not soldered with what a jeweller's bench has. ${leaveOut(said)}`,
  "soldered-already": (said) => `Its own steps solder it already. ${leaveOut(said)}`,
  "no-joint": (said) => `No cut end of it lies against the wire: there is nothing to join. ${leaveOut(said)}`,
  "no-free-end": (said) =>
    `Its cut ends are filed already, tucked in, or closed against the wire. ${leaveOut(said)}`,
  "nothing-to-hammer": (said) =>
    `No curve of it lies free: a blow would strike a crossing, a neighbour or a bead. ${leaveOut(said)}`,
  "beads-are-not-domed": (said) => `What carries beads is not pressed into a hollow. ${leaveOut(said)}`,
  "not-flat": (said) => `Only what lies flat is domed. ${leaveOut(said)}`,
  "too-many-bends": () =>
    "There are too many bends in too long a wire to be played one by one. Its figures and its steps stand as they are; play a smaller one of it.",

  // files
  "file-is-no-json": () => "The file could not be read as JSON. Take one that Toroid wrote.",
  "no-form-definition": () =>
    "This is no form definition. Take one that Toroid wrote; nothing was kept of it.",
  "form-of-other-version": () =>
    "This definition is of a version this Toroid does not know. Nothing was kept of it.",
  "no-piece-file": () => "This is no piece. Take a file that Toroid wrote; nothing was kept of it.",
  "piece-of-other-version": () =>
    "This piece is of a version this Toroid does not know. Nothing was kept of it.",
  "no-bends-in-a-coil": () =>
    "A coil or a spiral cannot be said in feeds and bends. Take its drawing, or its form as JSON.",
  "bend-table-of-one-wire": (said) =>
    `A bend table is of one wire; this form has ${said.number("wires", 0)}. Take its form as JSON.`,
  "no-table": (said) =>
    `The bend table could not be read: it is no table of commas. Its columns are ${said.list("columns")}.`,
  "table-lacks-column": (said) =>
    `The bend table could not be read: in line ${said.number("line", 0)} there is no ${said.text("column")}. Its columns are ${said.list("columns")}.`,
  "table-no-number": (said) =>
    `The bend table could not be read: in line ${said.number("line", 0)} "${said.value}" is no number. Its columns are ${said.list("columns")}.`,
  "unknown-format-of-rings": (said) =>
    `Rings are not written as ${said.value}. Use svg, stl, gltf or csv; a weave itself as json.`,
  "unknown-format-of-pieces": (said) =>
    `Pieces are not written as ${said.value}. Use svg, pdf, stl, gltf, csv or json.`,
  "unknown-format-of-forms": (said) =>
    `Forms are not written as ${said.value}. Use svg, pdf, dxf, stl, gltf, csv or json.`,

  // weaves
  "unknown-weave": () => "There is no such weave. The shelf lists them.",
  "weave-not-solved": (said) =>
    `${said.text("weave")} could not be solved in these proportions. Take sizes nearer to one another.`,
  "weave-links-did-not-hold": (said) =>
    `${said.text("weave")} could not be solved in these proportions: its links did not hold. Take sizes nearer to one another.`,
  "ring-sizes": (said) =>
    `${said.text("weave")} takes ${said.number("sizes", 0)} ring size${said.text("sizes") === "1" ? "" : "s"}. Give one inner diameter for each.`,
  "not-a-sheet": (said) => `${said.text("weave")} has no rows. Give a length or units.`,
  "a-sheet": (said) => `${said.text("weave")} is a sheet. Give rows and columns.`,
  "falls-apart": (said) =>
    `It would not hang together: row ${said.number("row", 0)} has rings that nothing holds. Let neighbouring rows differ less, or take longer rows.`,
  "no-length": () => "How long it is to be is not said. Give a length or units.",
  "no-sheet-size": () => "How large the sheet is is not said. Give rows, and columns or a length.",
  "rings-do-not-fit": () =>
    "These rings do not make the weave, so a length cannot be counted in them. Take larger rings, or give units or columns.",
  "weave-in-use": (said) =>
    said.text("jobs") === "1"
      ? "One job on the bench is made of this weave. Take that away first."
      : `${said.number("jobs", 0)} jobs on the bench are made of this weave. Take those away first.`,
  "bad-weave-id": () => `An id has small letters, digits and hyphens, up to 80. ${mend}`,
  "weave-id-taken": () => `There is a weave of that id already. ${mend}`,
  "weave-id-taken-meanwhile": () => `Another weave of that id was brought in meanwhile. ${mend}`,
  "weave-does-not-rest": () =>
    `The solver does not come to rest from its start pose, or its links do not hold. ${mend}`,
  "no-weave": () => `This is no weave. ${mend}`,
  "weave-of-other-version": (said) =>
    `This weave is of a version this Toroid does not know; it knows ${said.number("version", 0)}. ${mend}`,
  "weave-without-sizes": () => `A weave has at least one ring size. ${mend}`,
  "weave-size-unknown": (said) => `No ring size "${said.value}" is told under classes. ${mend}`,
  "weave-normal-is-none": (said) => `The normal of ring ${said.value} must point somewhere. ${mend}`,
  "weave-order": () => `The order names every ring of the cell once, or is left out. ${mend}`,
  "weave-ring-unknown-or-twice": (said) =>
    `No ring "${said.value}" is in the cell, or it is named twice. ${mend}`,
  "weave-ring-unknown": (said) => `No ring "${said.value}" is in the cell. ${mend}`,
  "weave-lacks": (said) => `The weave lacks its ${said.field}. ${mend}`,
  "weave-word": (said) => `A word is missing at ${said.field}, or is too long. ${mend}`,
  "weave-kind": () => `A weave is finite, a chain, a sheet or a tube. ${mend}`,
  "weave-cell-too-short": (said) =>
    `The cell is so short that more than ${said.number("most", 0)} of it meet one ring. ${mend}`,
  "weave-rings-pass-through": () =>
    `Two rings pass through each other, or all but do, at the start pose. ${mend}`,
  "weave-not-linked-so": (said) =>
    `The rings are not linked as the file says: ${[
      said.has("toldNotSo") ? `told but not so ${said.list("toldNotSo")}` : "",
      said.has("soNotTold") ? `so but not told ${said.list("soNotTold")}` : "",
    ]
      .filter(Boolean)
      .join("; ")}. ${mend}`,
  "weave-cells-fall-apart": () =>
    `No ring links a ring of the next cell: the cells would fall apart. ${mend}`,
  "weave-not-round-all": (said) =>
    `${said.text("ring")} does not lie round all the rings it is said to lie round. ${mend}`,
  "weave-round-and-linked": (said) =>
    `${said.text("ring")} is linked: a ring that lies loosely round others links none. ${mend}`,

  // medallions
  "no-arms-of-such-rows": (said) =>
    `${said.text("weave")} makes no arms of rows of so many. Take a chain or a sheet of one ring size.`,
  "no-arms-of-so-many-rows": (said) =>
    `${said.text("weave")} makes no arms of so many rows. Take a chain or a sheet of one ring size.`,
  "no-arm-size": () =>
    "How large an arm is has to be said once. Give rows of a chain, or the rings in each row of a sheet.",
  "no-way": () =>
    "No way was found to lay so many arms so: the larger ring, or the ties, do not reach what they go through. Take fewer or more arms, tie another row, or leave the ties out.",
  "star-too-tight": (said) =>
    `Rings of ${said.mm("insideMm")} inside do not go together so in ${said.mm("wireMm")} wire: it takes an aspect ratio of ${said.number("ratio")} at least. Take larger small rings, thinner wire, fewer arms, or leave the ties out.`,
  "larger-ring-not-solved": () =>
    "The larger ring could not be solved in these proportions. Take slightly other sizes.",
  "domed-has-one-end": (said) =>
    `${said.text("form")} hangs from one place and lies on nothing, so there is nothing to dome it to. Set domed to 0.`,
  "no-bail": () =>
    "A bail like the small rings does not go through the end of the arm. Leave it out and hang it from a larger ring.",
  "hub-too-thick": (said) =>
    `The larger ring's wire of ${said.mm("hubWireMm")} does not go through rings of ${said.mm("insideMm")}. Take thinner wire or larger rings.`,
  "larger-ring-too-small": (said) =>
    `The larger ring, ${said.mm("insideMm")} inside, is too small: it does not go in. Take one of ${said.mm("usualMm")} inside, the usual one.`,
  "larger-ring-too-large": (said) =>
    `The larger ring, ${said.mm("insideMm")} inside, is too large: it does not go in. Take one of ${said.mm("usualMm")} inside, the usual one.`,
};
