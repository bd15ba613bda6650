<?php

declare(strict_types=1);

return [
    'grid' => 'Grid with :columns and :rows, :filled cells filled',
    'arrows' => 'Two factors side by side, one arrow from term to term|Two factors side by side, :count arrows from '
        . 'term to term',
    'rows' => ':rows rows of products in columns of like powers, :filled products written',
    'arcs' => 'Two factors above :places places for the answer',
    'arcs-degree' => 'Arc joining the pair of terms of degree :degree|:count arcs joining the pairs of terms of '
        . 'degree :degree',
    'columns' => 'Coefficients in columns, :rows rows of products and :sums sums written',
    'long-division' => 'Long division by :divisor, one round begun|Long division by :divisor, :count rounds begun',
    'division-grid' => 'Grid with :divisor down the side, filled backwards, one term found on top|Grid with :divisor '
        . 'down the side, filled backwards, :count terms found on top',
    'bridge' => 'A finished long division by :divisor and what is left of it when all that repeats is struck out',
    'balance' => 'Two pans in balance: on the left :left blocks and :leftunits units, on the right :right blocks and '
        . ':rightunits units',
    'machine' => 'What was done to the unknown, one step, of which :undone undone|What was done to the unknown, '
        . ':count steps, of which :undone undone',
    'tableau' => 'Synthetic division with :corner in the corner, :count numbers written below the coefficients',
    'heaps' => 'Two heaps of counters, :plus plus and :minus minus, cancelling to :total',
    'twin-begun' => ':left times :right in whole numbers, the sum of one place written|:left times :right in whole '
        . 'numbers, the sums of :count places written',
    'twin' => ':left times :right in whole numbers, with carries, is :product',
    'square-tiles' => 'A square with side :letter, two strips :half wide beside it, the corner missing',
    'square-tiles-filled' => 'A square with side :letter, two strips :half wide beside it, the corner filled with '
        . ':corner',
    'calculator' => 'The keys for :meant on a calculator, :keys, and what the display says: :display',
    'curve' => 'Parabola of :function with its vertex at :place and :value, meeting the axis once|Parabola of '
        . ':function with its vertex at :place and :value, meeting the axis :count times',
    'graph' => 'Curve of :function, meeting the axis once|Curve of :function, meeting the axis :count times',
    'sides' => 'The curves of :left and :right, meeting once|The curves of :left and :right, meeting :count times',
    'root-hunt' => 'Candidates for roots of :polynomial, one judged|Candidates for roots of :polynomial, :count judged',
    'curve-none' => 'Parabola of :function with its vertex at :place and :value, not meeting the axis',
    'signed-brackets' => 'Two factors still empty but for their signs, :first and :second',
    'signed-brackets-letter' => 'Two factors that begin with :letter, their signs :first and :second, their numbers '
        . 'still to come',
    'signed-brackets-letters' => 'Two factors with :letter and :last, their signs :first and :second, their numbers '
        . 'still to come',
    'ringed-square' => 'A perfect square of three terms, one thing ringed and brought down|A perfect square of '
        . 'three terms, :count things ringed and brought down',
    'number-line' => 'A line of numbers with :count jumps from 0, ending at :end',
    'area' => 'A rectangle cut into :columns by :rows pieces, each the product of its two sides',
    'two-squares' => 'A square with side :large, a square with side :small cut out of it, and what is left as a '
        . 'rectangle with sides :sum and :difference',
    'pair-hunt' => 'Hunt for two numbers with product :product and sum :sum, :count pairs shown',
    'arrangements' => 'Hunt through arrangements of factors, :count shown',
    'crossing-grid' => ':crossing; beside it: :grid',
    'factor-grid' => 'Grid of two rows and two columns, its edges found from common factors',
];
