<?php

declare(strict_types=1);

return [
    'read' => [
        'title' => 'Read the problem',
        'why' => 'There are :count factors to multiply. Degrees add when powers multiply: :degrees = :degree, so the '
            . 'highest power in the answer is :first.',
        'why-letters' => 'There are :count factors to multiply. With several letters, exponents of the same letter '
            . 'add.',
        'ask' => 'Which degree will the answer have?',
    ],
    'tidy' => [
        'title' => 'Put every factor in standard form',
        'why' => 'With powers falling and like terms together, nothing gets lost on the way. The value stays the same.',
        'title-power' => 'Write the power as a product',
        'why-power' => 'A power is the same factor several times: now it can be multiplied out.',
        'title-side' => 'Write the factors side by side',
        'why-side' => 'What has no sum in it stands in front as one term; the value stays the same.',
    ],
    'order' => [
        'title' => 'Begin with :left times :right',
        'why-shortest' => 'The order is free, but it changes the work: this one takes :count single products, another '
            . 'up to :most.',
        'why-longer' => 'The order is free, but it changes the work: this one takes :count single products, the '
            . 'shortest :least.',
        'why-waits' => 'The minus in front waits until all is multiplied; then it turns every sign at once.',
        'why-minuses' => 'Every order takes :count single products. The factors with minus signs come first, while '
            . 'the terms are few.',
        'why-any' => 'Every order takes :count single products, so they are taken as they stand.',
    ],
    'turn' => [
        'title' => 'The minus in front turns every sign',
        'why' => 'It stands for −1 times the term behind it.|It stands for −1 times all that stands behind it: both '
            . 'terms change their signs.|It stands for −1 times all that stands behind it: each of the :count terms '
            . 'changes its sign.',
        'ask' => 'What is it with the minus carried out?',
    ],
    'agree' => [
        'title' => 'Both sides agree',
        'why' => 'The right side is the same polynomial, term for term: that was to be shown.',
    ],
    'sum' => [
        'refusal' => 'Several products are added here: multiply them out term by term.',
        'advice' => 'One product multiplied out, then like terms collected.|:count products multiplied out, one after '
            . 'another, then like terms collected.',
        'read' => 'A product stands in a sum: it is multiplied out first, then like terms meet.|:count products stand '
            . 'in a sum: each is multiplied out first, then like terms meet.',
        'title' => 'Multiply out :product',
        'why' => 'Every term of one factor times every term of the other.',
        'why-minus' => 'First the product by itself; the minus in front turns every sign of it afterwards.',
        'why-all' => 'Each product in its place; a minus in front has turned every sign behind it.',
        'ask' => 'What is :product, multiplied out?',
        'ask-all' => 'What is the whole, in standard form?',
    ],
    'order-option' => ':left with :right first (:count products in all)',
    'gaps' => [
        'title' => 'Write every missing power with a 0',
        'why' => 'A place kept by a 0 keeps like powers together. Leaving one out is the most common cause of a wrong '
            . 'answer.',
    ],
    'cell-why' => ':sign :number :letters',
    'number' => [
        'one' => 'Number: 1, which is not written.',
        'product' => 'Number: :left times :right is :product.',
        'kept' => 'Number: :product stays.',
        'fraction' => 'Number: top times top, bottom times bottom, then reduce: :product.',
    ],
    'sign' => [
        'both-plus' => 'Sign: plus times plus is plus.',
        'both-minus' => 'Sign: minus times minus is plus.',
        'mixed' => 'Sign: one minus makes the product minus.',
    ],
    'letters' => [
        'none' => 'No letter.',
        'kept' => 'Letter: :product stays.',
        'kept-counted' => 'Letter: a number alone counts as :none, so :product stays.',
        'joined' => 'Letters: different ones stand side by side, :product.',
        'added' => 'Letter: exponents add, :left times :right is :product.',
        'added-counted' => 'Letter: exponents add, and :letter counts as :one; :left times :right is :product.',
    ],
    'cell-ask' => 'What is :product?',
    'collect' => [
        'title' => 'Add the terms in :letters',
        'title-constant' => 'Add the numbers',
        'why-nothing' => 'Only zeros stand here, so this power is missing from the answer.',
        'why-alone' => 'Only one term has this power; it goes into the answer as it is.',
        'why-cancel' => 'They are opposite and cancel: nothing of this power is left.',
        'why-cancel-together' => 'Together they cancel: nothing of this power is left.',
        'why-fractions' => 'First the same denominator, then the numerators are added. That makes :total.',
        'why-mixed' => 'The signs differ: the larger magnitude wins, by the difference. That leaves :total.',
        'why-same' => 'The signs are the same: add the magnitudes and keep the sign. That makes :total.',
        'ask' => 'What is :sum?',
    ],
    'standard' => [
        'title' => 'Write the answer in standard form',
        'title-turned' => 'Write the product; the minus comes back',
        'why-turned' => 'It stands in front of the whole product, so the product keeps its parentheses.',
        'title-next' => 'Write the product; the next factor comes back',
        'why' => 'Powers fall from left to right and every like term is collected.',
        'why-gone' => 'Powers fall from left to right. Terms that are 0 are left out.',
        'why-next' => 'Tidied up before the next factor is multiplied, there is less to carry along.',
        'ask' => 'What is the product, in standard form?',
    ],
    'compare' => [
        'title' => 'Read the letters off',
        'why' => 'Two polynomials are the same only if each power has the same coefficient. Compared with :form, each '
            . 'letter has its value.',
    ],
];
