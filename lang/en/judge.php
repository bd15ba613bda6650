<?php

declare(strict_types=1);

return [
    'right' => 'Right.',
    'slip' => 'Not yet. :slip',
    'unreadable' => 'This cannot be read (character :at): :reason',
    'not-comparable' => 'This cannot be compared with the answer. Write it as a sum of terms.',
    'two-wanted' => 'Two numbers are wanted, with a comma between them.',
    'pair' => 'Neither the product nor the sum fits.',
    'other-number' => 'Not equal: this is :given.',
    'differs' => 'Not equal, because at :letter = :place it gives :given and should give :right.',
    'differs-letters' => 'Not equal, because with :place for every letter it gives :given and should give :right.',
    'form-collected' => 'The value is right. Here the form is the point: collect all like terms.',
    'form-factored' => 'The value is right. Here the form is the point: write it completely factored.',
];
