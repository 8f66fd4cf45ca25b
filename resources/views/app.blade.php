<!doctype html>
<html lang="en" data-theme="day">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="build" content="{{ config('admek.build') }}" />
        <title>Admek</title>
        <link rel="icon" href="data:," />
        @vite('resources/js/main.ts')
    </head>
    <body>
        <div id="app"></div>
    </body>
</html>
