<?php

declare(strict_types=1);

return [
    'exponent' => 'A letter stands in an exponent here: such equations are beyond what Runel does.',
    'root-of-root' => 'A root stands under a root here: such equations are beyond what Runel does.',
    'other-root' => 'Another root than the square root stands here: Runel undoes one such root, alone or raised to a '
        . 'power, where its numbers come out.',
    'fraction-exponent' => 'A fraction stands in an exponent here: Runel undoes one such power, where its numbers come '
        . 'out.',
    'below' => 'The letter stands below a fraction line here: such equations are beyond what Runel does.',
    'roots' => 'One or two square roots can be undone, with numbers before them and plain terms beside them: this is '
        . 'more.',
    'surds' => 'Roots of numbers stand in the coefficients: such equations are beyond what Runel does.',
];
