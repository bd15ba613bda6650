<?php

declare(strict_types=1);

return [
    'target' => [
        'title' => 'Wanted: product :product, sum :sum',
        'why-same' => 'The product is positive: both numbers have the sign of the sum. There is only one pair.|The '
            . 'product is positive: both numbers have the sign of the sum. There are :count pairs; as the smaller '
            . 'number grows, the sums move one way only.',
        'why-opposite-zero' => 'The product is negative: opposite signs, and for the sum 0 both need the same '
            . 'magnitude. There is only one pair.|The product is negative: opposite signs, and for the sum 0 both '
            . 'need the same magnitude. There are :count pairs, from far apart to close together.',
        'why-opposite-zero-close' => 'The product is negative: opposite signs, and for the sum 0 both need the same '
            . 'magnitude. There is only one pair.|The product is negative: opposite signs, and for the sum 0 both '
            . 'need the same magnitude. There are :count pairs; the closest together comes first.',
        'why-opposite-close' => 'The product is negative: opposite signs, and the larger carries the sign of the '
            . 'sum. There is only one pair.|The product is negative: opposite signs, and the larger carries the sign '
            . 'of the sum. There are :count pairs; the sum is small beside the product, so the pair closest together '
            . 'comes first.',
        'why-same-zero' => 'The product is positive, so both numbers have the same sign; no such pair adds to 0. '
            . 'There is only one pair.|The product is positive, so both numbers have the same sign; no such pair adds '
            . 'to 0. There are :count pairs.',
        'why-opposite' => 'The product is negative: opposite signs, and the larger carries the sign of the sum. There '
            . 'is only one pair.|The product is negative: opposite signs, and the larger carries the sign of the sum. '
            . 'There are :count pairs, from far apart to close together.',
    ],
    'pair' => [
        'title' => ':left and :right',
        'title-fits' => ':left and :right: found',
        'why' => 'The product is right, but the sum is :total, not :sum.',
        'why-passed' => 'The product is right, but the sum is :total: the sums have passed :sum, and no pair made it.',
        'why-fits' => 'The product is right and the sum is :total.',
        'ask' => 'Which two numbers multiply to :product and add to :sum?',
    ],
    'listed' => [
        'title' => 'List the factor pairs of :first and of :last',
        'why' => 'All that can stand in the factors is among them.',
    ],
    'passed' => [
        'title' => 'Pass over one pair|Pass over :count pairs',
        'why' => 'Their sums run from :first to :last, all away from :sum.',
        'title-arrangements' => 'Pass over one arrangement|Pass over :count arrangements',
        'why-arrangements' => 'None of these makes :target.',
        'why-reach' => 'The largest that these can make is :most, short of :target.',
        'why-shares' => 'At sight: in each of these the terms of one factor share a divisor, and the trinomial’s do '
            . 'not.',
    ],
    'own' => [
        'fits' => ':left times :right is :product and their sum is :sum: this is the pair.',
        'product' => ':left times :right is :product. The product fits, but the sum is :sum; wanted is :target.',
        'sum' => ':left and :right add to :sum, as wanted, but their product is :product; wanted is :wanted.',
        'neither' => ':left times :right is :product, and their sum is :sum. Neither fits.',
        'unreadable-columns' => 'Type the four numbers as they stand, as in 1, 6; 2, 5, or both factors.',
        'unreadable-factors' => 'Type both factors, as in (x + 2)(6x − 5), or four numbers: 1, 6; 2, −5.',
        'first' => ':m times :n is :product; the first coefficient is :first.',
        'last' => ':r times :s is :product; wanted is :last.',
        'found' => 'It makes :total: this is the arrangement.',
        'turn' => 'It makes :total, not :target. The numbers are right: turn one column over.',
        'signs' => 'It could make :target, but only with signs that give the wrong last term.',
        'swap' => 'It makes :total, not :target: the right size. Swap the signs.',
        'next' => 'It makes :total, not :target. Go on to the next pair: one arrangement is still open.|It makes '
            . ':total, not :target. Go on to the next pair: :count arrangements are still open.',
        'turned' => 'The numbers are right, but both signs are turned: the sum is :sum instead of :target.',
        'unreadable' => 'Type two whole numbers with a comma between them.',
    ],
]
;
