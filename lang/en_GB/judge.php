<?php

declare(strict_types=1);

return [
    'form-factored' => 'The value is right. Here the form is the point: write it completely factorised.',
    'form-integers' => 'The value is right, but no fractions are wanted inside the brackets: take the denominators '
        . 'into the number in front.',
    'form-content' => 'The value is right, but the bracket :factor still hides a common factor: :content.',
];
