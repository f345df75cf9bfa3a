// SPDX-License-Identifier: MIT
// The core's headers and those of Qt that files without widgets read.
#pragma once
#include "core.h"
#include <QByteArray>
#include <QColor>
#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QList>
#include <QObject>
#include <QPainter>
#include <QString>
#include <QStringList>
