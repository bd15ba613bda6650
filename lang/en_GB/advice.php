<?php

declare(strict_types=1);

return [
    'factored-already' => 'It stands factorised already, with 0 on the other side: only the linear equations are left.',
    'factoring' => 'It factorises over the integers: zero on one side, then each factor 0. Factorised here by: :by.',
];
