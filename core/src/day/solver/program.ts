/**
 * A day in MiniZinc, for a solver of constraints by lazy clause generation (npm `minizinc`: Chuffed). Times are whole minutes from the
 * session's own midnight. What waits is no task but the distance between two; what nobody may do at night is a hole in
 * the hours a task can start at; both are in the data ({@link dataOf}). Every variable is labelled: with a search that
 * leaves one out the solver may call a plan the best that is not even a plan.
 */
export const DAY_PROGRAM = String.raw`
include "cumulative.mzn";

% Tasks: how long each lasts, and when it can start.
set of int: TASK = 1..tasks;
int: tasks;
array[TASK] of int: minutes;
array[TASK] of set of int: starts;
array[TASK] of var int: start = [ let { var starts[t]: x } in x | t in TASK ];

% One task after another: at least so long, at most so long where that matters (-1 where not).
int: edges;
array[1..edges] of TASK: before;
array[1..edges] of TASK: after;
array[1..edges] of int: least;
array[1..edges] of int: most;
constraint forall(k in 1..edges)( start[after[k]] - start[before[k]] >= minutes[before[k]] + least[k] );
constraint forall(k in 1..edges where most[k] >= 0)(
  start[after[k]] - start[before[k]] <= minutes[before[k]] + most[k] );

% What is ready when: late for a bake, past its best for each part of it.
int: bakes; int: dues;
array[1..dues] of TASK: ready;
array[1..dues] of 1..bakes: for_bake;
array[1..dues] of int: latest_end;
array[1..dues] of int: best_end;
int: most_late; int: most_past;
array[1..bakes] of var 0..most_late: late;
array[1..dues] of var 0..most_past: past;
constraint forall(k in 1..dues)(
  start[ready[k]] + minutes[ready[k]] <= latest_end[k] + late[for_bake[k]] /\
  past[k] >= best_end[k] + late[for_bake[k]] - start[ready[k]] - minutes[ready[k]] );

% Hands: stretches of tasks, each in one of the stretches that somebody works, one thing at a time.
int: hands; int: shifts;
array[1..hands] of TASK: hand_of;
array[1..hands] of int: hand_from;
array[1..hands] of int: hand_minutes;
array[1..hands] of set of int: hand_shifts;
array[1..shifts] of int: shift_from;
array[1..shifts] of int: shift_to;
array[1..hands] of var int: shift = [ let { var hand_shifts[h]: x } in x | h in 1..hands ];
array[1..hands] of var int: hand_start = [ start[hand_of[h]] + hand_from[h] | h in 1..hands ];
array[1..hands, 1..shifts] of var bool: in_shift = array2d(1..hands, 1..shifts,
  [ if w in hand_shifts[h] then shift[h] = w else false endif | h in 1..hands, w in 1..shifts ]);
array[1..shifts] of var int: come = [ let { var shift_from[w]..shift_to[w]: x } in x | w in 1..shifts ];
array[1..shifts] of var int: there = [ let { var 0..shift_to[w] - shift_from[w]: x } in x | w in 1..shifts ];
constraint forall(h in 1..hands, w in hand_shifts[h])( in_shift[h, w] -> (
  hand_start[h] >= come[w] /\ hand_start[h] + hand_minutes[h] <= come[w] + there[w] /\
  hand_start[h] + hand_minutes[h] <= shift_to[w] ));
constraint forall(w in 1..shifts)(
  let { array[int] of int: m = [ h | h in 1..hands where w in hand_shifts[h] ] } in
  cumulative([hand_start[h] | h in m], [hand_minutes[h] | h in m], [bool2int(in_shift[h, w]) | h in m], 1) /\
  there[w] >= sum(h in m)( hand_minutes[h] * in_shift[h, w] ) );

% Ovens: one heat at a time, so long to change it, and so much room.
int: loads; int: ovens;
array[1..loads] of TASK: load_of;
array[1..loads] of int: programme;
array[1..loads] of bool: staged;
array[1..loads] of set of int: load_ovens;
array[1..loads, 1..ovens] of int: room;
array[1..ovens] of int: oven_room;
array[1..loads, 1..loads, 1..ovens] of int: change;
array[1..loads] of var int: oven = [ let { var load_ovens[l]: x } in x | l in 1..loads ];
predicate apart(int: a, int: b, int: o) =
  oven[a] != o \/ oven[b] != o \/
  start[load_of[b]] >= start[load_of[a]] + minutes[load_of[a]] + change[a, b, o] \/
  start[load_of[a]] >= start[load_of[b]] + minutes[load_of[b]] + change[b, a, o];
constraint forall(a, b in 1..loads where a < b)( forall(o in load_ovens[a] intersect load_ovens[b])(
  if programme[a] != programme[b] then apart(a, b, o)
  elseif staged[a] then apart(a, b, o) \/ start[load_of[a]] = start[load_of[b]]
  else true endif ));
constraint forall(g in { programme[l] | l in 1..loads }, o in 1..ovens)(
  let { array[int] of int: m = [ l | l in 1..loads where programme[l] = g /\ o in load_ovens[l] ] } in
  if sum(l in m)( room[l, o] ) <= oven_room[o] then true
  else cumulative([start[load_of[l]] | l in m], [minutes[load_of[l]] | l in m],
    [if card(load_ovens[l]) = 1 then room[l, o] else room[l, o] * bool2int(oven[l] = o) endif | l in m],
    oven_room[o]) endif );

% Rings and mixers.
array[int] of TASK: at_hob; int: rings;
array[int] of TASK: at_mixer; int: mixers;
predicate shared(array[int] of TASK: m, int: n) = if length(m) <= n then true
  else cumulative([start[t] | t in m], [minutes[t] | t in m], [1 | t in m], n) endif;
constraint shared(at_hob, rings) /\ shared(at_mixer, mixers);

% Fridge and freezer: from the end of a task until the last of what waits for it begins, or is fetched.
int: chilled; int: rooms; int: day_end;
array[1..rooms] of int: places;
array[1..chilled] of 1..rooms: cold_room;
array[1..chilled] of TASK: cold_after;
array[1..chilled] of set of TASK: cold_before;
array[1..chilled] of int: cold_until;
array[1..chilled] of int: vessels;
array[1..chilled] of var 0..day_end: cold = [ let { var 0..day_end: x } in x | k in 1..chilled ];
constraint forall(r in 1..rooms)( let { array[int] of int: m = [ k | k in 1..chilled where cold_room[k] = r ] } in
  if sum(k in m)( vessels[k] ) <= places[r] then forall(k in m)( cold[k] = 0 ) else
  forall(k in m)(
    cold[k] >= cold_until[k] - start[cold_after[k]] - minutes[cold_after[k]] /\
    forall(t in cold_before[k])( cold[k] >= start[t] - start[cold_after[k]] - minutes[cold_after[k]] )) /\
  cumulative([start[cold_after[k]] + minutes[cold_after[k]] | k in m], [cold[k] | k in m], [vessels[k] | k in m],
    places[r]) endif );

% What is aimed at, counted by so many minutes at once: fewer steps to the best, and a bound as coarse as they are.
int: aim; int: step;
int: presence_least; int: presence_most; int: trouble_most;
var 0..trouble_most: trouble;
constraint trouble = late_weight * sum(late) + sum(past);
int: late_weight;
var presence_least..presence_most: presence;
constraint presence = sum(there);
var int: aimed = [trouble, presence][aim];
var 0..max(trouble_most, presence_most) div step: steps;
constraint step * steps <= aimed /\ aimed <= step * steps + step - 1;

solve :: seq_search([
  int_search(there, input_order, indomain_min),
  int_search(shift, first_fail, indomain_max),
  int_search(start, largest, indomain_max),
  int_search(oven, first_fail, indomain_min),
  int_search(come, input_order, indomain_max),
  int_search(late ++ past ++ cold ++ [trouble, presence, steps], input_order, indomain_min)
]) minimize steps;
output [ "{\"start\":\(start),\"shift\":\(shift),\"oven\":\(oven),\"steps\":\(steps)}" ];
`;
