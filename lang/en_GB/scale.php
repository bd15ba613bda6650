<?php

declare(strict_types=1);

return [
    'scale' => [
        'why' => 'Instead of the trinomial, :scaled is factorised first: the leading :a has gone into the last term.',
    ],
    'factored' => [
        'title' => 'The scaled trinomial, factorised',
    ],
    'refusal-prime' => 'Scaling leads nowhere here: the trinomial does not factorise.',
];
