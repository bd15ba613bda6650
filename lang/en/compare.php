<?php

declare(strict_types=1);

return [
    'table' => 'Two roads, step beside step',
    'teacher' => 'How the other teacher writes it',
    'changed' => 'One thing changed',
    'ours' => 'As we write it',
    'theirs' => 'As the other teacher writes it',
    'go' => 'Compare',
    'no-habit' => 'On this road schools do not differ in any habit that Runel knows.',
    'differing' => '{0} All steps are the same.|{1} One step differs.|[2,*] :count steps differ.',
    'differs' => 'Differs',
    'nothing' => 'Nothing is written here.',
    'changed-lead' => 'Press a sign to turn it, an arrow for the next number.',
    'turn' => 'Turn the sign :sign',
    'more' => 'One more than :number',
    'less' => 'One less than :number',
    'typed' => 'Or type it changed',
    'alike' => 'Nothing differs.',
    'from-here' => 'The first step that differs is lit.',
    'other-way' => 'Changed so, it goes by another way: :method.',
    'take' => 'Take the changed one to the bench',
];
