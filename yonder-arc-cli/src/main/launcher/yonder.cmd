@echo off
rem Runs the yonder command; takes a Java of version 17 or newer, and nothing else.
setlocal
set "YONDER_LIB=%~dp0..\lib"
set "YONDER_JAVA=java"
if defined JAVA_HOME set "YONDER_JAVA=%JAVA_HOME%\bin\java.exe"
"%YONDER_JAVA%" -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Dfile.encoding=UTF-8 -Dstdout.encoding=UTF-8 -Dstderr.encoding=UTF-8 -Djava.awt.headless=true -cp "%YONDER_LIB%\*" org.yonderarc.cli.Main %*
exit /b %ERRORLEVEL%
