import type { MeasuredColumn, ProblemSays } from '../core/problems/says';
import { KEPT_UNDER_M } from '../core/yard/flyers';
import { answerWords } from './answers';
import { YOUNGEST_WORDS } from './brood';
import { dayWords, minuteWords, weekdayWords } from './days';
import { MEASURE_WORDS, measured } from './measures';
import { methodTitle } from './methods/methods';
import type { Words } from './words';

const KIND_WORDS: Readonly<Record<string, string>> = {
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
};

const COLUMN_WORDS: { readonly [C in MeasuredColumn]: string } = {
  time: 'the time',
  temperature: 'the temperature',
  rain: 'the rain',
  wind: 'the wind',
  weight: 'the weight',
};
const COLUMN_NAMES: { readonly [C in MeasuredColumn]: string } = {
  time: '“time”, or two “date” and “time”',
  temperature: '“temp C” or “temp F”',
  rain: '“rain mm” or “rain in”',
  wind: '“wind m/s”, “wind km/h”, “wind mph” or “wind kn”',
  weight: '“weight kg” or “weight lb”',
};

const MEGABYTE = 1024 * 1024;
const bytesWords = (bytes: number) => (bytes >= MEGABYTE ? `${bytes / MEGABYTE} MB` : `${bytes / 1024} kB`);

/** What is wrong with what was entered, and what would be right. */
export const problemWords: Words<ProblemSays> = {
  'eggs-were-seen-against-youngest': ({ youngest }) =>
    `Eggs were seen, so the youngest brood is eggs, not ${YOUNGEST_WORDS[youngest]}. Correct one of the two.`,
  'no-eggs-against-youngest': 'No eggs were found, so the youngest brood cannot be eggs. Correct one of the two.',
  'same-minute': 'There is an inspection at this very minute already. Give another minute, or correct that one.',
  'cell-named-twice': ({ label }) => `Cell ${label} is named twice. Keep one of the two.`,
  'cell-of-no-such-colony': 'This cell is not one of the colony’s. Enter it as a new cell.',
  'cell-broken-down-before': ({ label, on }) =>
    `Cell ${label} was broken down on ${weekdayWords(on)}. Leave it out here, or correct that entry.`,
  'cell-seen-again-later': ({ label, on }) =>
    `Cell ${label} was seen again on ${weekdayWords(on)}, so it was not broken down here. Correct one of the two.`,
  'not-a-day': ({ text }) =>
    text === ''
      ? 'The day is missing.'
      : `“${text}” is not a day of the calendar; write it as YYYY-MM-DD, such as 2027-05-16`,
  'not-a-time-of-year': 'is not a day of the year; choose a month and a date that it has',
  'not-a-time': 'is not a time; write it as YYYY-MM-DDTHH:mm, such as 2027-05-16T14:30',
  'not-a-full-hour': 'is not on the full hour; give the minute at which the hour begins, such as 2027-05-16T14:00',
  'hour-twice': 'This day has one hour twice. Keep one of the two.',
  'readings-not-in-order': 'The readings of a day stand in order of time, one for a minute. Put them in order.',
  'time-without-zone':
    'names a time zone, and it is not known in which one you are. Choose yours under Settings, or write local times.',
  'not-a-number': ({ text }) =>
    text === '' ? 'is missing; give a number' : `“${text}” is not a number; write it like 12.5`,
  'column-missing': ({ column }) => `There is no column for ${COLUMN_WORDS[column]}. Name one ${COLUMN_NAMES[column]}.`,
  'column-twice': ({ column }) => `There are two columns for ${COLUMN_WORDS[column]}. Keep one of them.`,
  'unit-not-said': ({ column, header }) => `Say in what units “${header}” gives ${COLUMN_WORDS[column]}.`,
  'later-one-kept': ({ at }) => `${minuteWords(at)} comes twice; the later of the two counts.`,
  'told-earlier': ({ at, toldAt }) =>
    `${minuteWords(at)} is known from a later forecast than this one of ${minuteWords(toldAt)}.`,
  'too-far-ahead': ({ days }) => `lies more than ${days} days ahead; give nearer hours`,
  'reading-in-the-future': ({ now }) => `lies in the future: it is ${minuteWords(now)} now. Set the device’s clock.`,
  'no-such-sheet': 'There is no such spreadsheet. Choose one on the Data page.',
  'file-without-rows': 'The file has no rows. Choose one that has a line of headings and rows under it.',
  'text-not-readable': 'This is not a text file, or its letters cannot be read. Save it as CSV in UTF-8.',
  'quote-not-closed': ({ row }) =>
    `From row ${row} on a quotation mark is open to the end of the file, so it breaks off. Save it as CSV again.`,
  'line-too-long': ({ row }) =>
    `Row ${row} is longer than any row of a spreadsheet. Choose a CSV file with a line for each row.`,
  'too-many-columns': ({ most }) => `There are more than ${most} columns. Leave out those that are not needed.`,
  'not-csv': 'This is a spreadsheet program’s own file. Save it there as CSV and choose that.',
  'row-too-wide': ({ columns }) =>
    `This row has more cells than the ${columns} headings. Often a comma within a number or a text is the reason: save the sheet with another sign between the cells.`,
  'no-day-in-sheet': ({ text }) => `“${text}” is not a day. Write it like 2027-05-16 or 16 May 2027.`,
  'no-time-in-sheet': ({ text }) => `“${text}” is not a time of day. Write it like 14:30 or 2.30 pm.`,
  'day-order-not-said': ({ text }) => `“${text}” could be two days. Say above which comes first, the day or the month.`,
  'year-not-said': ({ text }) => `“${text}” has no year. Say above which year it is.`,
  'not-a-whole-number': ({ text }) =>
    `“${text}” is not a whole number. Round it in the sheet, or bring this column in as a note.`,
  'word-not-matched': ({ text }) => `It is not said yet what “${text}” stands for. Choose it above.`,
  'day-missing': 'The day is missing.',
  'stage-missing': 'It does not say how the cell was found. Give its stage.',
  'a-row-of-sums': 'A row of totals, not a hive: left out.',
  'hive-missing': 'It does not say which hive.',
  'hive-not-known': ({ name }) => `${name} is not in your book. Say above which hive it is, or that it is to be added.`,
  'hive-of-several': ({ name }) => `Several hives are called ${name}. Give the apiary in a column of its own.`,
  'parent-not-known': ({ name }) =>
    `${name}, which it came of, is in neither the book nor the sheet. Leave that out, or add it first.`,
  'queen-without-hive': 'It does not say in which hive she was.',
  'twice-in-sheet': 'The sheet has this twice: the earlier row was taken. If they are two, give each its time of day.',
  'taken-out-before': 'This was taken out of your book before. Put it back there if it is to stand.',
  'sheet-has-refused': ({ count }) =>
    `${count} of the rows cannot be brought in, so nothing was. Put them right, or choose to leave them out.`,
  'book-changed-since':
    'Your book was changed since you looked at this. Nothing was brought in; look at the rows again.',
  'nothing-to-bring-in': 'Your book has all of this already. There is nothing to bring in.',
  'not-matched-whole': 'It is not said yet what every needed column is. Choose above.',
  'no-such-sheet-brought-in': 'That is not in the list any more. Reload the page.',
  'brought-in-built-on':
    'Something was entered since that rests on what was brought in, or some of it was corrected. Nothing was taken out; take that back first.',
  'too-many-rows': ({ most }) => `There are more than ${most} rows. Bring them in by parts.`,
  'no-good-row': 'No row could be taken. The first faults are named here.',
  'key-missing': 'Send the key that was made for this device as “Authorization: Bearer …”.',
  'key-unknown': 'This key is not known. Make one on the page of the apiary’s weather or of the colony’s scale.',
  'key-ended': 'This key was ended. Make a new one for the device.',
  'key-of-other-kind': ({ kind }) =>
    `This key is for ${kind === 'weather' ? 'a weather station' : 'a hive scale'}: send to /api/${kind}.`,
  'key-of-other-colony':
    'This key is for another hive. Use the key that was made for this one, or leave the colony out.',
  'sent-too-often': ({ seconds }) => `That is too often. Send again in ${seconds} seconds.`,
  'no-such-apiary': 'There is no such apiary in the book. Choose one of yours.',
  'no-such-loss': 'The scale shows no such loss any more. Load the page again.',
  'file-took-too-long':
    'This file could not be read within two minutes, so nothing of it was taken. Is it the right file?',
  'file-filled-memory': 'This file holds more than any season does, so nothing of it was taken. Is it the right file?',
  'object-with-too-many-fields': ({ mostFields }) =>
    `Something in this file has more than ${mostFields} fields. No season file does: is it the right file?`,
  'file-too-deep': ({ mostDepth }) =>
    `The file is nested more than ${mostDepth} deep. No season file is; choose one that Ubbet has written.`,
  'file-has-too-many-values': ({ mostValues }) =>
    `The file has more than ${mostValues / 1_000_000} million values. No season file has; choose one that Ubbet has written.`,
  'property-not-known': ({ name }) => `“${name}” is not known here; leave it out or correct its name`,
  'is-missing': ({ wanted }) => `is missing; ${wanted}`,
  'is-too-long': ({ maximum }) => `is too long; at most ${maximum} characters`,
  'must-be-at-most': ({ maximum }) => `must be ${maximum} or less`,
  'must-not-be-empty': 'must not be empty',
  'must-be-at-least': ({ minimum }) => `must be ${minimum} or more`,
  'measure-at-most': ({ quantity, maximum }) => `must be ${MEASURE_WORDS[quantity](maximum)} or less`,
  'measure-at-least': ({ quantity, minimum }) => `must be ${MEASURE_WORDS[quantity](minimum)} or more`,
  'must-be-one-of': ({ values }) => `must be one of ${values.join(', ')}`,
  'not-so-many-there': ({ count }) =>
    `By the count there ${count === 1 ? 'is 1' : `are ${count}`} there. Carry no more than that, or set the count right first.`,
  'stand-name-taken': ({ name }) => `There is a stand called ${name} here already. Choose another name.`,
  'place-is-gone': 'This apiary is not in the book any more. Choose another place.',
  'kit-entry-is-gone': 'This entry is not in the book.',
  'mother-younger': 'She emerged before this mother did. Choose another mother, or correct when one of them emerged.',
  'one-comes-of-the-other': 'One of the two comes of the other, or they are the same already. Choose another queen.',
  'queens-of-different-days': 'They emerged on different days. Correct when one of them did, then join them.',
  'no-hive-there': 'No colony stands there. Choose the stand of the one that is moved.',
  'stand-is-gone': 'This stand is not on the map any more. Choose another.',
  'stand-is-taken': ({ name }) => `A colony stands on ${name} already. Choose a free stand.`,
  'is-moved-already': 'This hive is moved by steps already. Leave it where it stands first, then begin anew.',
  'moved-in-one-go': measured(`It goes less than {${KEPT_UNDER_M} m}: move it in one go.`),
  'too-far-by-steps': ({ days }) => `That is more than ${days} steps. Take it away for some weeks first.`,
  'move-is-gone': 'This move is not in the book.',
  'move-is-over': 'This move is over: the hive is there, or was left where it stands.',
  'moved-before-begun': 'That is before the move was begun. Choose a later day.',
  'one-apiary-twice': 'A road leads from one apiary to another. Name two.',
  'ends-before-it-begins': 'It cannot end before it begins. Correct one of the two.',
  'last-day-before-first': 'The last day comes before the first. Correct one of the two.',
  'eggs-against-youngest': 'Eggs and the youngest brood contradict each other. Correct one of the two.',
  'cell-seen-twice-at-once': 'This inspection has the cell twice. Keep one of the two.',
  'cell-broken-down-earlier': 'The cell was broken down before this inspection. Correct one of the two.',
  'no-such-answer': 'This check has no such answer. Export the file again.',
  'moved-without-a-day': 'A check that is moved has a day; no other has.',
  'not-a-season-file': ({ seasonFormat }) =>
    `This is not an Ubbet season file: it does not begin with "format": "${seasonFormat}". Choose a file that Ubbet has written.`,
  'file-of-later-version': ({ version, seasonVersion }) =>
    `The file is of version ${version}, this Ubbet reads up to ${seasonVersion}. Bring Ubbet up to date and try again.`,
  'file-breaks-off': 'The file breaks off before its end. Copy or export it again.',
  'not-a-json-file': 'This is not a JSON file. Choose a season file that Ubbet has written.',
  'identifier-twice': 'This identifier stands twice. Leave one of the two out.',
  'names-what-is-not-there': 'This names something that is not in the file. Export the file again, whole.',
  'cell-of-another-colony':
    'This cell is of another colony than the inspection that saw it. Export the file again, whole.',
  'comes-of-itself':
    'This goes round in a circle: nothing comes of itself. Correct it in Ubbet, and export the file again.',
  'frame-of-unknown-size': 'A frame here is of a size that is not in the file. Export the file again, whole.',
  'no-such-backup': 'There is no such backup in the folder. It may have been thinned out: reload the page.',
  'backup-does-not-open': 'This backup does not open: it is damaged, or of a later Ubbet. Choose another.',
  'path-not-whole': 'Give the whole path, from the root of the disk, such as /media/stick/ubbet.',
  'folder-not-writable': 'This folder cannot be written in. Is the stick in, and may this user write there?',
  'folder-is-a-file': 'This is a file. Name a folder.',
  'choose-a-colony': 'Choose a colony from the list.',
  'no-such-plan': 'There is no such plan. Reload the page.',
  'in-the-future': ({ now }) =>
    `That is in the future; it is ${minuteWords(now)} now. Choose this minute or an earlier one.`,
  'start-the-method-first': ({ method }) =>
    `Start “${methodTitle(method)}” first, so that the new colony has a name; then say that the frames are moved.`,
  'start-on-its-own-page': ({ problem }) =>
    `${problem} Start the method on its own page, where that can be changed; then say here that all is done.`,
  'larger-than': ({ bytes }) => `This is larger than ${bytesWords(bytes)}, the most that is taken. Nothing was stored.`,
  'disk-full':
    'The disk of the machine that Ubbet runs on is full. Nothing was stored: make room there, then send it again.',
  'records-held':
    'Another program holds your records just now. Nothing was stored: close that program, or wait a moment and try again.',
  'records-not-writable':
    'The file with your records cannot be written. Nothing was stored: see to its rights, and to those of its folder.',
  'records-damaged':
    'The file with your records is damaged, or its disk is. Stop Ubbet, and bring the newest backup back: npm run bring-back.',
  'entry-against-records':
    'Something in this entry is in your records already, or names something that is not. Nothing was stored: reload the page and enter it again.',
  'could-not':
    'Ubbet could not do this, and nothing was stored. Try again; if it comes back, export the season file and report it.',
  'other-site': 'This came from a page of another site and was refused.',
  'entry-not-whole': 'The entry did not arrive whole. Send it again.',
  'not-a-method-of-this-way': 'This way of running a colony does not use that method. Choose one of those it names.',
  'not-an-act-of-this-way': 'This way of running a colony has no such step. Load the page again.',
  'no-such-colony': 'This colony is not in your records. Choose one that is, or add it first.',
  'survey-moved': 'A survey cannot be moved to another colony. Delete it there and enter it here.',
  'size-not-known': 'This size of frame is not known. Choose another, or add it in the settings.',
  'too-many-frames': ({ count, places }) =>
    `${count} frames in a box for ${places}. Take some out, or say how many it holds.`,
  'queens-frame-not-there': 'The queen’s frame is not in this hive. Say again where she was seen.',
  'no-such-address': 'Ubbet has no such address. Reload the page and try again.',
  'no-such-survey': 'There is no such survey. Reload the page.',
  'choose-a-size': 'Choose one of the sizes there are, or add it first.',
  'size-in-use': 'A size that you removed is in use: frames of it have been surveyed. Keep it.',
  'no-such-inspection': 'There is no such inspection. Reload the page.',
  'in-the-future-today': 'That is in the future. Choose today or an earlier day.',
  'moved-or-renamed-later': ({ on }) =>
    `It was moved or renamed on ${dayWords(on)} already. Give that day or a later one.`,
  'choose-an-apiary': 'Choose an apiary from the list.',
  'choose-a-parent': 'Choose a parent from the list.',
  'colony-of-itself': 'A colony does not come of itself, nor of one that came of it.',
  'others-hang-on-it': ({ name, other }) =>
    `The dates of ${other} follow from ${name}: it shares a method or a cell with it, or came of it. Take that back first, or give ${name} a last day instead.`,
  'colony-name-taken': ({ name }) => `There is a colony called ${name} already. Give this one another name.`,
  'first-day-in-the-future': 'The colony’s first day is in the future. Choose today or an earlier day.',
  'entered-before': ({ on }) => `It has an entry on ${dayWords(on)}, before this day. Give that day or an earlier one.`,
  'entered-after': ({ on }) =>
    `It has an entry on ${dayWords(on)}, after this day. Give that day or a later one, or take that entry out first.`,
  'choose-her-mother': 'Choose her mother among your queens, or leave it open.',
  'emerged-by-before-from': 'She cannot have emerged by a day before the first possible one. Swap or correct the two.',
  'choose-a-queen': 'Choose a queen from the list.',
  'choose-where-hived': 'Choose the colony that the swarm was hived as from the list.',
  'entry-of-another-colony': 'This entry belongs to another colony. Delete it there and enter it here.',
  'entry-gone': 'This entry is gone. Reload the page.',
  'frame-name-taken': ({ label }) => `There is a frame called ${label} already. Give this one another name.`,
  'inspection-moved': 'An inspection cannot be moved to another colony. Delete it there and enter it here.',
  'sight-twice': 'This sight of a cell is in the entry twice. Reload the page and enter it again.',
  'cell-of-another-entry': 'This cell already belongs to another entry. Reload the page and enter it again.',
  'deleted-meanwhile':
    'This was deleted in your records meanwhile. Nothing was changed: look at both, and say what stands.',
  'changed-meanwhile':
    'This was changed in your records meanwhile. Nothing was changed now: look at both, and say which stands.',
  'apiary-name-taken': ({ name }) => `There is an apiary called ${name} already. Give this one another name.`,
  'winter-in-the-swarm-season': 'Winter cannot begin within the swarm season. Correct one of the two.',
  'build-up-in-the-swarm-season': 'The build-up comes before the swarm season. Choose an earlier day.',
  'flow-ends-before-it-begins': 'The main flow cannot end before it begins. Correct one of the two.',
  'no-inspection-of-photo': 'The inspection of this photo is not in your records. Save the inspection first.',
  'no-such-programme': 'This programme is not in your records. Reload the page.',
  'no-such-step': 'The method has no such step.',
  'colony-not-in-programme': 'This colony is no part of the programme.',
  'choose-one-of-these': ({ choices }) => `Choose one of these: ${choices.map(answerWords).join(', ')}.`,
  'programme-began-later': ({ startedOn }) =>
    `The programme started on ${dayWords(startedOn)}. Choose that day or a later one.`,
  'say-which-half': 'Say which half has cells and no eggs.',
  'answer-gone': 'This answer is gone already. Reload the page.',
  'say-why-skipped': 'Say why you skip it; you will want to know later.',
  'give-the-other-day': 'Give the day on which it is to be done instead.',
  'day-has-passed': ({ saidOn }) => `That day has passed. Choose ${dayWords(saidOn)} or a later one.`,
  'choose-a-day-between': ({ from, to }) => `Choose a day from ${dayWords(from)} to ${dayWords(to)}.`,
  'cell-given-since': 'The cell was given to another colony since. Take that back first.',
  'answered-before': ({ on }) =>
    `One of its checks was answered on ${dayWords(on)}, before this day. Take that answer back first, or choose an earlier day.`,
  'child-entered-before': ({ on }) =>
    `The colony that came of it has an entry on ${dayWords(on)}, before this day. Choose that day or an earlier one.`,
  'colony-cannot-be-worked-out':
    'How this colony stands cannot be worked out, so no method can be started on it. Look through its entries first.',
  'in-records-already': 'This is in your records already, for something else. Reload the page and enter it again.',
  'colony-began-later': ({ startedOn }) =>
    `The colony begins on ${weekdayWords(startedOn)}. Give that day or a later one, or correct its first day under Edit.`,
  'colony-had-ended': ({ endedOn }) =>
    `The colony ended on ${weekdayWords(endedOn)}. Give that day or an earlier one, or correct how it ended.`,
  'new-colony-missing': 'A new colony comes of this: give it a name and a place.',
  'no-new-colony': 'No new colony comes of this; leave it out.',
  'choose-whom-to-unite': 'Choose the colony that it is united with.',
  'united-with-none': ({ method }) => `${methodTitle(method)}: it is united with no other colony; leave it out.`,
  'has-laying-workers': ({ name }) =>
    `${name} has laying workers or a drone layer: shake them out first, or take her out. They are not united as they are.`,
  'to-be-left-shut': ({ name, to }) =>
    `${name} is to be left shut up to and including ${dayWords(to)}: a virgin may be out. Unite them after that.`,
  'frame-went-elsewhere': ({ label }) =>
    `Cell ${label} went elsewhere on the same frame that day. Cut this one out, or choose a cell on another frame.`,
  'cell-not-live': 'This cell is not a live one of the colony on that day. Reload the page and choose again.',
  'no-cell-is-kept': ({ method }) => `${methodTitle(method)}: no cell is kept.`,
  'needs-no-bought-queen': ({ method }) => `${methodTitle(method)}: no part of it needs a bought queen.`,
  'bought-queen-among-cells': 'A bought queen is killed where cells are left: keep none, or raise a queen.',
  'choose-the-cell-given': 'Choose the cell that it is given.',
  'no-cell-is-given': 'No cell is given in this method; leave it out.',
  'choose-the-cell-for-the-new': 'Choose the cell that the new colony gets.',
  'choose-the-cell-kept': 'Choose the cell that is kept.',
  'cell-of-another-wanted': 'Choose a cell of another colony.',
  'cell-given-already': 'This cell was given away already.',
  'file-contradicts-itself': ({ technical }) =>
    `Two things in the file contradict each other (${technical}). Nothing was changed. Export the file again, whole.`,
  'not-an-identifier': 'is not an identifier; it is made by the program and is not to be changed',
  'carried-to-where-it-is': 'It is there already. Choose another place for it to go to.',
  'dummy-with-sides': 'A comb has two sides; a dummy or a feeder has none.',
  'no-brood-box': 'A hive has at least one brood box.',
  'frame-twice': 'A frame or a box stands in it twice.',
  'not-a-label': 'must be one to four small letters',
  'not-a-photo': 'must be a JPEG picture as base64 text',
  'not-a-time-zone': 'is no time zone; choose one of the list, such as Europe/London',
  'not-whole-tenths': 'Give whole tenths, none below nothing.',
  'tenths-not-ten': 'The tenths of a side make ten.',
  'must-be-a': ({ kind }) => `must be ${KIND_WORDS[kind] ?? `a value of type ${kind}`}`,
  'not-as-expected': 'is not as expected here; correct it',
  'device-clock-ahead': ({ now }) =>
    `That is in the future; it is ${minuteWords(now)} now. Set the clock of the device that it was said on.`,
};
