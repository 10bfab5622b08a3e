/** Contents pages and a poem of the demo's invented books. */

export const FLEECE_CONTENTS = `Contents
1. Wool on the hoof ........ 1
    Breeds of hill and valley ... 3
2. Shearing day ........ 7
3. Washing a fleece ........ 12
4. Combing and carding ........ 17
5. The long draw ........ 21
6. Wheels and whorls ........ 24
7. Felt, the cloth without a thread ........ 28
8. Colour from the dye pot ........ 31
    Mordants ... 33
9. The flock in autumn ........ 39
10. Indigo, a blue that travels ........ 43
11. Warp and weft ........ 49
12. Patterns that tell ........ 55
13. Post roads and pack mules ........ 61
14. Mills and makers ........ 67
15. Mending and wearing out ........ 75
16. Cloth at our table ........ 81
`;

export const BRIDGES_CONTENTS = `I. A log across a stream ... 5
II. Arches ... 14
III. Why an arch does not fall ... 23
IV. Timber trusses ... 31
V. Hanging bridges ... 42
VI. Cables ... 53
VII. Iron and rivets ... 61
VIII. Wind ... 72
IX. A bridge that failed ... 80
X. Build one that holds a brick ... 91
`;

export const BIRDS_CONTENTS = `Who stays and who goes, 4
Feathers against frost, 11
The feeder and its rules, 19
Tracks in the snow, 27
Voices before light, 33
Seed, bud and berry, 41
Night roosts, 48
A count from the window, 55
`;

export const FLEECE_PASSAGE = `Off the hill the grey flock came,
Each to her own bell, each to her name.

Shear it and wash it and hang it to dry,
Wool for the winter and none to deny.
Card it and comb it and draw it out long,
Twist it and turn it and make the thread strong.

Pot on the embers and bark in the brew,
Madder for red and the old vat for blue.
Lift it and let the air do as it will:
Green as it rises, then blue, and blue still.

Over and under the shuttle goes by,
A thread for the river, a thread for the sky.
What grew on the hillside in wind and in rain
Keeps out the wind and the weather again.`;
