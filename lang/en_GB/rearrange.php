<?php

declare(strict_types=1);

return ['expand' => ['why' => 'The wanted letter has to be set free from its brackets.']];
