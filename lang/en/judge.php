<?php

declare(strict_types=1);

return [
    'right' => 'Right.',
    'slip' => 'Not yet. :slip',
    'unreadable' => 'This cannot be read (character :at): :reason',
    'not-comparable' => 'This cannot be compared with the answer. Write it as a sum of terms.',
    'two-wanted' => 'Two numbers are wanted, with a comma between them.',
    'pair' => 'Their product is :product and their sum :sum: neither fits.',
    'other-number' => ':given is not it. Count or work it out once more.',
    'other-value' => 'It is not :given: work out :asked once more.',
    'question-back' => 'That is what stands there already. Work it out.',
    'no-letter' => 'There is no letter in this question, so :letter cannot stand in the answer.',
    'other-letter' => 'There is no :letter in this problem; its letters: :known.',
    'no-equation' => 'No equation is wanted here: write only what comes out.',
    'equation-wanted' => 'An equation is wanted: write both sides, with = between them.',
    'other-equation' => 'This equation has other solutions. Look at every term that changed its place.',
    'one-term' => 'One term is wanted: a number, with letters where all terms have them.',
    'not-in-every' => ':given does not go into :term.',
    'more-common' => ':given goes into every term, but more can come out.',
    'no-solution' => ':given does not solve the equation. Put it in and see.',
    'more-solutions' => 'Right so far, but there are :count in all.',
    'differs' => 'Not equal, because at :letter = :place it gives :given and should give :right.',
    'differs-letters' => 'Not equal, because with :place for every letter it gives :given and should give :right.',
    'form-collected' => 'The value is right. Now write it worked out, like terms collected.',
    'form-number' => 'The value is right. Now work it out to one number.',
    'form-reduce' => 'The value is right. Now reduce the fraction to lowest terms.',
    'form-root' => 'The value is right, but more comes out of a root, or a root still stands below the line.',
    'form-line' => 'It is solved by the same, but the board takes another step here: one thing, done to both sides.',
    'form-zero' => 'This is right, but everything has to be on one side, with 0 on the other.',
    'form-divided' => 'The value is right, but more can be divided out: over the divisor only the remainder is left.',
    'form-factored' => 'The value is right. Here the form is the point: write it completely factored.',
    'form-integers' => 'The value is right, but no fractions are wanted inside the factors: take the denominators '
        . 'into the number in front.',
    'form-content' => 'The value is right, but :factor still hides a common factor: :content.',
];
